import type { Gram } from '../base/units';
import type { Item } from '../model/types';
import { CLOTH_KINDS } from '../model/values/item';
import type { RuleBook } from '../rules/book';
import type { RuleId } from '../rules/table';
import { clothWeight } from './weight';

/** What a thing weighs, and the rule that it is guessed by where nobody weighed it. */
export type Mass = { g: Gram; guessedBy: RuleId | null };

type Weighed = Pick<Item, 'kind' | 'glazed' | 'massG' | 'widthMm' | 'heightMm' | 'texture' | 'clothGsm'>;

const IS_CLOTH: ReadonlySet<Item['kind']> = new Set(CLOTH_KINDS);
const FRAMED: ReadonlySet<Item['kind']> = new Set(['art', 'frame', 'mirror']);

/** Weight of a front in g/m²: the glass of a mirror or a picture, the board behind it, or a pressed panel. */
function frontRule({ kind, glazed }: Weighed): RuleId {
  if (kind === 'mirror') return 'weights.mirrorGlass';
  if (kind === 'wallPanel') return 'weights.wallPanel';
  if (!FRAMED.has(kind)) return 'weights.hungThing';
  return glazed ? 'weights.pictureGlass' : 'weights.board';
}

/**
 * A thing's weight as it was weighed; else a guess by its size, its glass and its frame, of cloth by its weave, of stems by
 * their length. A mass of 0 is one that is not known.
 */
export function massOf(item: Weighed, rules: RuleBook): Mass {
  if (item.massG > 0) return { g: item.massG, guessedBy: null };
  if (item.kind === 'stem') return stemMass(item, rules);
  if (IS_CLOTH.has(item.kind)) return clothMass(item, rules);
  const front = frontRule(item);
  const areaM2 = (item.widthMm * item.heightMm) / 1e6;
  const roundM = (2 * (item.widthMm + item.heightMm)) / 1000;
  const isFramed = FRAMED.has(item.kind);
  const boardG = isFramed && front !== 'weights.board' ? areaM2 * rules.number('weights.board') : 0;
  const frameG = isFramed ? roundM * rules.number('weights.frame') : 0;
  return { g: areaM2 * rules.number(front) + boardG + frameG, guessedBy: front };
}

/** Cloth whose weave was weighed is not known to the gram, but is no guess of ours. */
function clothMass(item: Weighed, rules: RuleBook): Mass {
  const { gsm, guessedBy } = clothWeight(item, rules);
  return { g: ((item.widthMm * item.heightMm) / 1e6) * gsm, guessedBy };
}

const stemMass = ({ heightMm }: Weighed, rules: RuleBook): Mass => ({
  g: (heightMm / 1000) * rules.number('weights.stem'),
  guessedBy: 'weights.stem',
});
