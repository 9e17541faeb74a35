import { elementAt } from '../base/list';
import { inches, type Mm } from '../base/units';
import { deltaE00 } from '../colour/spaces';
import type { Item } from '../model/types';
import type { RuleBook } from '../rules/book';

/** A cover as it is seen where it stands: its size there, and the face that shows. */
export type SeenCover = { widthMm: Mm; heightMm: Mm } & Pick<Item, 'colours' | 'pattern' | 'texture'>;
/** In what two covers that were to match differ to the eye. */
export type CoverDifference = 'size' | 'pattern' | 'texture' | 'colour';

const SAME_SIZE: Mm = inches(0.5);
/** Shares of the larger repeat, and of a cover, by which two patterns of one kind may differ. */
const SAME_REPEAT = 0.1;
const SAME_SHARE = 0.2;

/** What tells two covers apart, the plainest first; null where they match. Two that were bought apart may. */
export function coverDifference(a: SeenCover, b: SeenCover, rules: RuleBook): CoverDifference | null {
  if (Math.abs(a.widthMm - b.widthMm) > SAME_SIZE || Math.abs(a.heightMm - b.heightMm) > SAME_SIZE)
    return 'size';
  if (!hasSamePattern(a, b)) return 'pattern';
  if (a.texture !== b.texture) return 'texture';
  return hasSameColours(a, b, rules.number('seats.matchDeltaE')) ? null : 'colour';
}

function hasSamePattern({ pattern: a }: SeenCover, { pattern: b }: SeenCover): boolean {
  const apart = Math.abs(a.repeatMm - b.repeatMm);
  return a.kind === b.kind && apart <= SAME_REPEAT * Math.max(a.repeatMm, b.repeatMm);
}

function hasSameColours(a: SeenCover, b: SeenCover, mostDeltaE: number): boolean {
  const bySize = (colours: SeenCover['colours']) => [...colours].sort((x, y) => y.share - x.share);
  const [one, other] = [bySize(a.colours), bySize(b.colours)];
  return (
    one.length === other.length &&
    one.every((colour, i) => {
      const its = elementAt(other, i);
      return Math.abs(colour.share - its.share) <= SAME_SHARE && deltaE00(colour, its) <= mostDeltaE;
    })
  );
}
