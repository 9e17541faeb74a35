import type { Item } from '../model/types';
import type { Answering } from '../spread/ties';

/** Bedding that nobody sees on a made bed. */
const UNSEEN: ReadonlySet<Item['bedding']> = new Set(['fitted', 'topper', 'sheet', 'duvet']);
export const isSeen = ({ bedding }: Pick<Item, 'bedding'>): boolean => !UNSEEN.has(bedding);

/** A thing as it answers others, under the id of what puts it in the room. */
export const answerOf = (id: string, hostId: string, item: Item): Answering => ({
  id,
  name: item.name,
  hostId,
  itemId: item.id,
  colours: item.colours,
  texture: item.texture,
  pattern: item.pattern.kind,
  metal: item.metal,
});
