/**
 * Curtains that move with the leaf: a rod in front of the glass of each leaf of a French door or a
 * casement, and with a pocket another below.
 */
import { first } from '../../base/list';
import type { Mm } from '../../base/units';
import type { Box } from '../../geometry/plane';
import type { Heading, Opening } from '../../model/types';
import type { RuleBook } from '../../rules/book';

/**
 * Where the rods are, in wall coordinates: in front of which stretch, and the upper and the lower one above
 * the datum.
 */
export type LeafRods = { leaves: readonly { fromMm: Mm; toMm: Mm }[]; topMm: Mm; bottomMm: Mm };

/** Headings that have a pocket, and so can be held by a second rod at the hem. */
export const pocketed = (heading: Heading): boolean => heading === 'rodPocket' || heading === 'backTab';

/** Can curtains hang on its leaves: a French door, or a window whose leaves are hinged. */
export const hasLeaves = (o: Pick<Opening, 'kind' | 'hinge'>): boolean =>
  o.kind === 'frenchDoor' || (o.kind === 'window' && o.hinge !== 'none');

/**
 * The glass of each leaf: two where it is hinged on both sides, else one, framed by stiles and rails. In wall
 * coordinates.
 */
export function leafGlass(o: Opening, rules: RuleBook): Box[] {
  const stile = rules.number('windows.leafStile');
  const belowMm = o.kind === 'frenchDoor' ? rules.number('windows.leafBottomRail') : stile;
  const count = o.hinge === 'both' ? 2 : 1;
  const each = o.widthMm / count;
  // a leaf that is all frame still shows a slit
  const [side, high] = [Math.min(stile, each / 2 - 1), Math.max(2, o.heightMm - stile - belowMm)];
  return Array.from({ length: count }, (_, i): Box => ({
    xMm: o.xMm + i * each + side,
    yMm: o.sillMm + Math.min(belowMm, o.heightMm - 2),
    widthMm: each - 2 * side,
    heightMm: high,
  }));
}

/** Rods on the leaves: each goes a little past the glass of its leaf, as far as the frame is wide. */
export function leafRods(o: Opening, rules: RuleBook): LeafRods {
  const pastMm = Math.min(rules.number('windows.leafPast'), rules.number('windows.leafStile'));
  const glass = leafGlass(o, rules);
  return {
    leaves: glass.map((g) => ({ fromMm: g.xMm - pastMm, toMm: g.xMm + g.widthMm + pastMm })),
    topMm: first(glass).yMm + first(glass).heightMm + pastMm,
    bottomMm: first(glass).yMm - pastMm,
  };
}
