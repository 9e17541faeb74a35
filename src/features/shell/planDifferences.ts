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

/**
 * What differs between two plans of the same look: the amounts a stylist marks, and the findings that come
 * and go.
 */
export function planDifferences(before: Plan, after: Plan): Differences {
  const amounts: Amount[] = [];
  const compare = (
    what: Amount['what'],
    id: string,
    name: string,
    from: number,
    to: number | undefined,
    isLength: boolean,
  ) => {
    if (to !== undefined && Math.abs(from - to) > (isLength ? 0.5 : 1e-9))
      amounts.push({ key: `${what}${id}`, what, name, from, to, isLength });
  };
  for (const w of before.windows) {
    const then = after.windows.find((x) => x.dressingId === w.dressingId);
    compare('rod', w.openingId, w.name, w.rodHeightMm, then?.rodHeightMm, true);
    compare('span', w.openingId, w.name, w.bracketToBracketMm, then?.bracketToBracketMm, true);
    compare('length', w.openingId, w.name, w.finishedLengthMm, then?.finishedLengthMm, true);
    compare('panels', w.openingId, w.name, w.panels, then?.panels, false);
  }
  for (const h of before.hangings) {
    const then = after.hangings.find((x) => x.hangingId === h.hangingId);
    compare('centre', h.hangingId, h.name, h.centreMm, then?.centreMm, true);
    compare('nail', h.hangingId, h.name, h.nails[0]!.heightMm, then?.nails[0]?.heightMm, true);
  }
  for (const s of before.seats)
    compare(
      'sit',
      s.pieceId,
      s.name,
      s.canSit,
      after.seats.find((x) => x.pieceId === s.pieceId)?.canSit,
      false,
    );
  const accents = (p: Plan) => p.spread.families.filter((f) => f.role === 'accent').length;
  compare('accents', '', '', accents(before), accents(after), false);
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
