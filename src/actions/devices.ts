'use server';
import { headers } from 'next/headers';
import { z } from 'zod';
import { dropCode } from '../server/pairing/code';
import { sendAway } from '../server/pairing/devices';
import { isOwnScreen } from '../server/pairing/names';
import {
  isWaiting,
  otherDevices,
  showCode,
  type OtherDevices,
  type ShownCode,
} from '../server/pairing/screen';

const code = z.string().max(40);
const id = z.string().min(1).max(64);

/** A new code, on the studio's own screen alone. */
export async function showCodeAction(): Promise<ShownCode | null> {
  return isOwnScreen(await headers()) ? showCode() : null;
}

/** Whether a code still waits for its device, and the devices as they are now. */
export async function codeStateAction(
  shown: string,
): Promise<{ waiting: boolean; others: OtherDevices | null } | null> {
  const told = await headers();
  if (!isOwnScreen(told)) return null;
  return { waiting: isWaiting(code.parse(shown)), others: otherDevices(told) };
}

/** The code is taken off the screen: it opens nothing any more. */
export async function hideCodeAction(shown: string): Promise<void> {
  if (isOwnScreen(await headers())) dropCode(code.parse(shown));
}

export async function sendAwayAction(deviceId: string): Promise<OtherDevices | null> {
  const told = await headers();
  if (isOwnScreen(told)) sendAway(id.parse(deviceId));
  return otherDevices(told);
}
