import 'server-only';
import { randomInt, timingSafeEqual } from 'node:crypto';

/** A code is good for so long, and for one device. */
export const CODE_LIVES_MS = 10 * 60_000;
/** After so many wrong ones the code is void: guessing all of 10⁸ is hopeless. */
export const MOST_TRIES = 5;
const CODE_DIGITS = 8;

type Shown = { code: string; untilMs: number; triesLeft: number };
// kept on the process: parts of the server that are built apart share it
const kept = globalThis as typeof globalThis & { rideauPairingCode?: Shown };

/** Makes the code that the studio's screen shows; one that was shown before is void. */
export function makeCode(nowMs: number): { code: string; untilMs: number } {
  const code = String(randomInt(10 ** CODE_DIGITS)).padStart(CODE_DIGITS, '0');
  kept.rideauPairingCode = { code, untilMs: nowMs + CODE_LIVES_MS, triesLeft: MOST_TRIES };
  return { code, untilMs: nowMs + CODE_LIVES_MS };
}

/** Takes a code off the screen; one that was shown since stays. */
export function dropCode(code: string): void {
  if (kept.rideauPairingCode?.code === code) delete kept.rideauPairingCode;
}

/** The code that is shown now, if it still holds. */
export function codeNow(nowMs: number): { code: string; untilMs: number } | null {
  const shown = kept.rideauPairingCode;
  return shown && nowMs < shown.untilMs ? { code: shown.code, untilMs: shown.untilMs } : null;
}

/** Takes what was typed for the code, with or without blanks; the right one is used up. */
export function takeCode(typed: string, nowMs: number): 'taken' | 'wrong' | 'none' {
  const shown = kept.rideauPairingCode;
  if (!shown || nowMs >= shown.untilMs) return 'none';
  const came = Buffer.from(typed.replace(/[\s-]/g, ''));
  const right = Buffer.from(shown.code);
  if (came.length === right.length && timingSafeEqual(came, right)) {
    dropCode(shown.code);
    return 'taken';
  }
  shown.triesLeft -= 1;
  if (shown.triesLeft > 0) return 'wrong';
  dropCode(shown.code);
  return 'none';
}
