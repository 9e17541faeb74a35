import type { Item, Texture } from '../model/types';
import type { RuleBook } from '../rules/book';
import type { RuleId } from '../rules/table';

/** Weight of cloth in g/m², and whether it is a guess. */
export type Weight = { gsm: number; guessed: boolean };

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
export const guessRule = ({ kind, texture }: Pick<Item, 'kind' | 'texture'>): RuleId =>
  kind === 'rug' ? 'weights.rug' : BY_TEXTURE[texture];

/** A thing's cloth, as weighed; else a guess by its kind and texture. A weight of 0 is one that is not known. */
export const clothWeight = (item: Pick<Item, 'kind' | 'texture' | 'clothGsm'>, rules: RuleBook): Weight =>
  item.clothGsm > 0
    ? { gsm: item.clothGsm, guessed: false }
    : { gsm: rules.number(guessRule(item)), guessed: true };
