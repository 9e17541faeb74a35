import { inches, type Mm } from '../../base/units';
import { hueApart, oklchOfLab, type Lab } from '../../colour/spaces';
import type { Piece } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import { coverDifference, type SeenCover } from '../../textiles/coverDifference';

/** Chairs whose sides differ by less are a pair. */
const SAME_CHAIR: Mm = inches(1);

/** Whether two chairs are a pair: of one kind and one size. */
export function isChairPair(a: Piece, b: Piece): boolean {
  if (a.kind !== b.kind || a.seat?.seats !== 1 || b.seat?.seats !== 1) return false;
  return (['widthMm', 'depthMm', 'heightMm'] as const).every((k) => Math.abs(a[k] - b[k]) < SAME_CHAIR);
}

/**
 * Whether a pair of chairs wears the same (common practice): the same covers in whatever order, or by the other school
 * colours of the same families.
 */
export function wearAlike(a: readonly SeenCover[], b: readonly SeenCover[], rules: RuleBook): boolean {
  const matches = rules.school('seats.chairsSchool') === 'sameFamily' ? hasSameFamilies : hasSameCovers;
  return matches(a, b, rules);
}

type Matches = (a: readonly SeenCover[], b: readonly SeenCover[], rules: RuleBook) => boolean;

/** The same covers on both, in whatever order. */
const hasSameCovers: Matches = (a, b, rules) => {
  const rest = [...b];
  return (
    a.length === b.length &&
    a.every((worn) => {
      const at = rest.findIndex((other) => coverDifference(other, worn, rules) === null);
      if (at >= 0) rest.splice(at, 1);
      return at >= 0;
    })
  );
};

/** Every first colour of one has one of its family on the other. */
const hasSameFamilies: Matches = (a, b, rules) => {
  const colours = (worn: readonly SeenCover[]) => worn.flatMap((cover) => cover.colours.slice(0, 1));
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
