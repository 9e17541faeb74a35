import { deltaE00, hueApart, oklchOfLab, type Lab } from '../../colour/spaces';
import { inches, type Mm } from '../../base/units';
import type { Finding } from '../../model/finding';
import type { Piece } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import type { PillowPlan, SeatPlan } from '../../stages/seats/planSeat';

/** Chairs whose sides differ by less are a pair. */
const SAME_CHAIR: Mm = inches(1);

/**
 * Pairs of chairs match each other (common practice): in their covers, or by the other school in their colour family. Chairs
 * without a pillow are not judged.
 */
export function judgeChairPairs(
  plans: readonly SeatPlan[],
  pieces: ReadonlyMap<string, Piece>,
  rules: RuleBook,
): Finding[] {
  const chairs = plans.filter((s) => s.seats === 1 && s.pillows.length > 0);
  return chairs.flatMap((one, i) => {
    const other = chairs.slice(i + 1).find((o) => isPair(pieces.get(one.pieceId), pieces.get(o.pieceId)));
    if (!other) return [];
    const matches = rules.school('seats.chairsSchool') === 'sameFamily' ? isSameFamily : hasSameCovers;
    const isMatch = matches(one.pillows, other.pillows, rules);
    return [
      {
        code: isMatch ? 'chairs-match' : 'chairs-differ',
        level: isMatch ? 'ok' : 'caution',
        stage: 'seats',
        about: [one.pieceId, other.pieceId],
        rule: 'seats.chairsSchool',
        by: { one: one.name, other: other.name },
      } satisfies Finding,
    ];
  });
}

function isPair(a: Piece | undefined, b: Piece | undefined): boolean {
  if (!a || !b || a.kind !== b.kind) return false;
  return (['widthMm', 'depthMm', 'heightMm'] as const).every((k) => Math.abs(a[k] - b[k]) < SAME_CHAIR);
}

type Matches = (a: readonly PillowPlan[], b: readonly PillowPlan[], rules: RuleBook) => boolean;

/** The same covers on both, in whatever order. */
const hasSameCovers: Matches = (a, b, rules) => {
  const rest = [...b];
  return (
    a.length === b.length &&
    a.every((pillow) => {
      const at = rest.findIndex((p) => isSameCover(p, pillow, rules));
      if (at >= 0) rest.splice(at, 1);
      return at >= 0;
    })
  );
};

function isSameCover(a: PillowPlan, b: PillowPlan, rules: RuleBook): boolean {
  const [one, other] = [a.shown.colours[0], b.shown.colours[0]];
  if (!one || !other) return a.itemId === b.itemId;
  const isSameSize = a.cover.widthMm === b.cover.widthMm && a.cover.heightMm === b.cover.heightMm;
  return a.itemId === b.itemId || (isSameSize && deltaE00(one, other) <= rules.number('seats.matchDeltaE'));
}

/** Every first colour of one has one of its family on the other. */
const isSameFamily: Matches = (a, b, rules) => {
  const colours = (pillows: readonly PillowPlan[]) => pillows.flatMap((p) => p.shown.colours.slice(0, 1));
  const [one, other] = [colours(a), colours(b)];
  const hasKin = (c: Lab, among: readonly Lab[]) => among.some((o) => isKin(c, o, rules));
  return one.every((c) => hasKin(c, other)) && other.every((c) => hasKin(c, one));
};

/** Two colours of one hue, or both without one. */
function isKin(a: Lab, b: Lab, rules: RuleBook): boolean {
  const [p, q] = [oklchOfLab(a), oklchOfLab(b)];
  const neutralBelow = rules.number('spread.neutralChroma');
  if (p.c < neutralBelow || q.c < neutralBelow) return p.c < neutralBelow && q.c < neutralBelow;
  return hueApart(p.hueDeg, q.hueDeg) <= rules.number('spread.familyHue');
}
