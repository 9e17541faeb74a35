import type { Finding } from '../../core/model/finding';
import type { Plan } from '../../core/plan/planLook';

export type Amount = {
  key: string;
  what: 'rod' | 'span' | 'length' | 'panels' | 'centre' | 'nail' | 'sit' | 'accents';
  name: string;
  from: number;
  to: number;
  isLength: boolean;
};
export type Differences = { amounts: Amount[]; come: Finding[]; gone: Finding[] };

/** Amounts that are counted; all others are lengths. */
const COUNTS: ReadonlySet<Amount['what']> = new Set(['panels', 'sit', 'accents']);
/** Smaller differences are rounding errors. */
const LEAST_LENGTH_MM = 0.5;
const LEAST_COUNT = 1e-9;

/**
 * What differs between two plans of the same look: the amounts a stylist marks, and the findings that come
 * and go.
 */
export function planDifferences(previous: Plan, next: Plan): Differences {
  const amounts: Amount[] = [];
  const compare = (
    what: Amount['what'],
    thing: { id: string; name: string },
    was: number,
    now: number | undefined,
  ): void => {
    const isLength = !COUNTS.has(what);
    if (now !== undefined && Math.abs(was - now) > (isLength ? LEAST_LENGTH_MM : LEAST_COUNT))
      amounts.push({ key: `${what}${thing.id}`, what, name: thing.name, from: was, to: now, isLength });
  };
  for (const w of previous.windows) {
    const then = next.windows.find((x) => x.dressingId === w.dressingId);
    const window = { id: w.openingId, name: w.name };
    compare('rod', window, w.rodHeightMm, then?.rodHeightMm);
    compare('span', window, w.bracketToBracketMm, then?.bracketToBracketMm);
    compare('length', window, w.finishedLengthMm, then?.finishedLengthMm);
    compare('panels', window, w.panels, then?.panels);
  }
  for (const h of previous.hangings) {
    const then = next.hangings.find((x) => x.hangingId === h.hangingId);
    const hung = { id: h.hangingId, name: h.name };
    compare('centre', hung, h.centreMm, then?.centreMm);
    const nail = h.nails[0];
    if (nail) compare('nail', hung, nail.heightMm, then?.nails[0]?.heightMm);
  }
  for (const s of previous.seats) {
    const then = next.seats.find((x) => x.pieceId === s.pieceId);
    compare('sit', { id: s.pieceId, name: s.name }, s.canSit, then?.canSit);
  }
  const accents = (p: Plan) => p.spread.families.filter((f) => f.role === 'accent').length;
  compare('accents', { id: '', name: '' }, accents(previous), accents(next));
  const key = (f: Finding) => `${f.code}|${f.about.join()}|${JSON.stringify(f.by)}`;
  const told = (p: Plan) => p.findings.filter((f) => f.level !== 'ok');
  const had = new Set(told(previous).map(key));
  const has = new Set(told(next).map(key));
  return {
    amounts,
    come: told(next).filter((f) => !had.has(key(f))),
    gone: told(previous).filter((f) => !has.has(key(f))),
  };
}
