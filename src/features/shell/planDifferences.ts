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
/** Smaller differences than these are crumbs of reckoning. */
const LEAST_LENGTH_MM = 0.5;
const LEAST_COUNT = 1e-9;

/**
 * What differs between two plans of the same look: the amounts a stylist marks, and the findings that come
 * and go.
 */
export function planDifferences(before: Plan, after: Plan): Differences {
  const amounts: Amount[] = [];
  const compare = (
    what: Amount['what'],
    thing: { id: string; name: string },
    from: number,
    to: number | undefined,
  ): void => {
    const isLength = !COUNTS.has(what);
    if (to !== undefined && Math.abs(from - to) > (isLength ? LEAST_LENGTH_MM : LEAST_COUNT))
      amounts.push({ key: `${what}${thing.id}`, what, name: thing.name, from, to, isLength });
  };
  for (const w of before.windows) {
    const then = after.windows.find((x) => x.dressingId === w.dressingId);
    const window = { id: w.openingId, name: w.name };
    compare('rod', window, w.rodHeightMm, then?.rodHeightMm);
    compare('span', window, w.bracketToBracketMm, then?.bracketToBracketMm);
    compare('length', window, w.finishedLengthMm, then?.finishedLengthMm);
    compare('panels', window, w.panels, then?.panels);
  }
  for (const h of before.hangings) {
    const then = after.hangings.find((x) => x.hangingId === h.hangingId);
    const hung = { id: h.hangingId, name: h.name };
    compare('centre', hung, h.centreMm, then?.centreMm);
    compare('nail', hung, h.nails[0]!.heightMm, then?.nails[0]?.heightMm);
  }
  for (const s of before.seats) {
    const then = after.seats.find((x) => x.pieceId === s.pieceId);
    compare('sit', { id: s.pieceId, name: s.name }, s.canSit, then?.canSit);
  }
  const accents = (p: Plan) => p.spread.families.filter((f) => f.role === 'accent').length;
  compare('accents', { id: '', name: '' }, accents(before), accents(after));
  const key = (f: Finding) => `${f.code}|${f.about.join()}|${JSON.stringify(f.by)}`;
  const told = (p: Plan) => p.findings.filter((f) => f.level !== 'ok');
  const had = new Set(told(before).map(key));
  const has = new Set(told(after).map(key));
  return {
    amounts,
    come: told(after).filter((f) => !had.has(key(f))),
    gone: told(before).filter((f) => !has.has(key(f))),
  };
}
