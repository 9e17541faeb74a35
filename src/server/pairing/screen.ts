import 'server-only';
import { codeNow, makeCode } from './code';
import { devices } from './devices';
import { otherNames, port, isOwnScreen } from './names';
import { qrPicture, type QrPicture } from './qr';

/** What the first page tells of other devices; times as ISO 8601. */
export type OtherDevices = {
  /** Whether the studio answers to anything but its own machine. */ isOpen: boolean;
  devices: { id: string; name: string; pairedAt: string; seenAt: string }[];
};

/** The code on the studio's screen, with the addresses under which a device finds the page that takes it. */
export type ShownCode = {
  code: string;
  until: string;
  addresses: { address: string; qr: QrPicture }[];
};

/** Null on a device that was let in itself: only the studio's own screen lets others in and sends them away. */
export const otherDevices = (headers: Headers): OtherDevices | null =>
  isOwnScreen(headers) ? { isOpen: otherNames.length > 0, devices: devices() } : null;

/** An address with the port where the name has none: names of a server in front have their own. */
const addressOf = (name: string): string =>
  /:\d+$/.test(name) ? `http://${name}` : `http://${name}:${port}`;

/** A new code to be shown. */
export function showCode(): ShownCode {
  const { code, untilMs } = makeCode(Date.now());
  return {
    code,
    until: new Date(untilMs).toISOString(),
    addresses: otherNames.map((name) => ({
      address: addressOf(name),
      qr: qrPicture(`${addressOf(name)}/pair?code=${code}`),
    })),
  };
}

/** Whether a code is still waiting for its device. */
export const isWaiting = (code: string): boolean => codeNow(Date.now())?.code === code;
