import 'server-only';
import { createHmac, timingSafeEqual } from 'node:crypto';
import { nanoid } from 'nanoid';
import {
  countDevices,
  deviceKey,
  deviceSeenAt,
  loadDevices,
  noteDeviceSeen,
  removeDevice,
  saveDevice,
  type Device,
} from '../../data/deviceRepository';
import { now, studioDatabase } from '../studio';

export type { Device };
/** More than a stylist and the people who help have. */
export const MOST_DEVICES = 50;
const COOKIE = 'rideau-device';
/** As long as browsers keep one. */
const COOKIE_LIVES_S = 400 * 24 * 60 * 60;
/** A device that was seen within this is not written down again. */
const SEEN_EVERY_MS = 60 * 60_000;

const signatureOf = (id: string): Buffer =>
  createHmac('sha256', deviceKey(studioDatabase())).update(id).digest();

/** The cookie that a device is known by: its id, signed. No script of a page can read it. */
function cookieOf(id: string): string {
  const value = `${id}.${signatureOf(id).toString('base64url')}`;
  return `${COOKIE}=${value}; Path=/; Max-Age=${COOKIE_LIVES_S}; HttpOnly; SameSite=Lax`;
}

/** Writes a device down under a name and gives the header that sets its cookie; null where there are too many. */
export function letIn(name: string): string | null {
  const db = studioDatabase();
  if (countDevices(db) >= MOST_DEVICES) return null;
  const at = now();
  const id = nanoid();
  saveDevice(db, { id, name, pairedAt: at, seenAt: at });
  return cookieOf(id);
}

/** The id in a cookie whose signature is right. */
function signedId(cookies: string): string | null {
  const value = new RegExp(`(?:^|;\\s*)${COOKIE}=([\\w-]{1,64})\\.([\\w-]{43})(?:;|$)`).exec(cookies);
  if (!value) return null;
  const [, id = '', signature = ''] = value;
  return timingSafeEqual(Buffer.from(signature, 'base64url'), signatureOf(id)) ? id : null;
}

/** Whether a request comes from a device that was let in and is still on the list. */
export function isLetIn(headers: Headers): boolean {
  const id = signedId(headers.get('cookie') ?? '');
  if (id === null) return false;
  const db = studioDatabase();
  const seenAt = deviceSeenAt(db, id);
  if (seenAt === undefined) return false;
  if (Date.now() - Date.parse(seenAt) > SEEN_EVERY_MS) noteDeviceSeen(db, id, now());
  return true;
}

export const devices = (): Device[] => loadDevices(studioDatabase());

/** Takes a device off the list: from now on its cookie opens nothing. */
export const sendAway = (id: string): boolean => removeDevice(studioDatabase(), id);
