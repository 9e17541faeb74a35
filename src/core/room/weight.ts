import type { Item, Texture } from '../model/types';
import type { RuleBook } from '../rules/book';
import type { RuleId } from '../rules/table';

/** Weight of cloth in g/m², and the rule that it is guessed by where it was never weighed. */
export type Weight = { gsm: number; guessedBy: RuleId | null };

export const guess = (rule: RuleId, rules: RuleBook): Weight => ({
  gsm: rules.number(rule),
  guessedBy: rule,
});

const BY_TEXTURE: Record<Texture, RuleId> = {
  smooth: 'weights.smooth',
  linen: 'weights.linen',
  velvet: 'weights.velvet',
  knit: 'weights.knit',
  fur: 'weights.fur',
  boucle: 'weights.boucle',
  tweed: 'weights.tweed',
  embroidered: 'weights.embroidered',
  woven: 'weights.woven',
  hard: 'weights.hard',
};

/** The rule that a thing's cloth is guessed by: what it is, else what it feels like. */
const guessRule = ({ kind, texture }: Pick<Item, 'kind' | 'texture'>): RuleId =>
  kind === 'rug' ? 'weights.rug' : BY_TEXTURE[texture];

/** A thing's cloth, as weighed; else a guess by its kind and texture. A weight of 0 is one that is not known. */
export const clothWeight = (item: Pick<Item, 'kind' | 'texture' | 'clothGsm'>, rules: RuleBook): Weight =>
  item.clothGsm > 0 ? { gsm: item.clothGsm, guessedBy: null } : guess(guessRule(item), rules);
