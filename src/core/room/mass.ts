import type { Gram } from '../base/units';
import type { Item } from '../model/types';
import type { RuleBook } from '../rules/book';
import type { RuleId } from '../rules/table';

/** What a thing weighs, and the rule that it is guessed by where nobody weighed it. */
export type Mass = { g: Gram; guessedBy: RuleId | null };

type Weighed = Pick<Item, 'kind' | 'glazed' | 'massG' | 'widthMm' | 'heightMm'>;

const FRAMED: ReadonlySet<Item['kind']> = new Set(['art', 'frame', 'mirror']);

/** Weight of a front in g/m²: the glass of a mirror or a picture, the board behind it, or a pressed panel. */
function frontRule({ kind, glazed }: Weighed): RuleId {
  if (kind === 'mirror') return 'weights.mirrorGlass';
  if (kind === 'wallPanel') return 'weights.wallPanel';
  if (!FRAMED.has(kind)) return 'weights.hungThing';
  return glazed ? 'weights.pictureGlass' : 'weights.board';
}

/**
 * A hung thing's weight as it was weighed; else a guess by its size, its glass and its frame. A mass of 0 is one
 * that is not known.
 */
export function massOf(item: Weighed, rules: RuleBook): Mass {
  if (item.massG > 0) return { g: item.massG, guessedBy: null };
  const front = frontRule(item);
  const areaM2 = (item.widthMm * item.heightMm) / 1e6;
  const roundM = (2 * (item.widthMm + item.heightMm)) / 1000;
  const isFramed = FRAMED.has(item.kind);
  const boardG = isFramed && front !== 'weights.board' ? areaM2 * rules.number('weights.board') : 0;
  const frameG = isFramed ? roundM * rules.number('weights.frame') : 0;
  return { g: areaM2 * rules.number(front) + boardG + frameG, guessedBy: front };
}
