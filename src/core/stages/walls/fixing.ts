import type { Gram } from '../../base/units';
import type { Hanger, Room } from '../../model/types';
import type { RuleBook } from '../../rules/book';

/** What fixes a piece to its wall: hooks of a class, and what they hold on by. */
export type Fixing = {
  hanger: Hanger['kind'];
  hooks: number;
  /** Rating of each hook; null when no class holds its share. */
  hookClassG: Gram | null;
  /** Rated fixings that go into the wall: anchors in board, plugs in masonry, none where a nail or a screw does. */
  anchors: number;
  anchorKind: 'anchor' | 'plug' | 'screw';
};

/** What holds in a wall of a kind. */
export const ANCHORS: Record<Room['wallsOf'], Fixing['anchorKind']> = {
  plasterboard: 'anchor',
  plaster: 'plug',
  brick: 'plug',
  wood: 'screw',
};

/** The smallest class of hook whose rating holds a share of the mass, g; undefined when none does. */
export const hookClass = (massG: Gram, hooks: number, rules: RuleBook): Gram | undefined =>
  [...rules.list('walls.hookClasses')]
    .sort((a, b) => a - b)
    .find((g) => g >= massG / Math.max(1, hooks) - 1e-6);

type Held = { hanger: Hanger['kind']; massG: Gram; hooks: number; twoPoints: boolean };

/** How a piece of some mass is fixed with so many hooks. What is heavy, and a cleat, holds by rated fixings. */
export function fixingOf(
  { hanger, massG, hooks, twoPoints }: Held,
  wallsOf: Room['wallsOf'],
  rules: RuleBook,
): Fixing {
  const needsAnchors =
    twoPoints || hanger === 'cleat' || massG / Math.max(1, hooks) > rules.number('walls.anchorFrom');
  return {
    hanger,
    hooks,
    hookClassG: hooks === 0 ? null : (hookClass(massG, hooks, rules) ?? null),
    anchors: needsAnchors ? hooks : 0,
    anchorKind: ANCHORS[wallsOf],
  };
}
