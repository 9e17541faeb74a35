import { putKind, type Change } from '../model/change';
import { describeNoun, LOOK_NOUNS, mapIdAt, rowsOfNoun } from '../model/nouns';
import type { Item, Look, RoomFile, Work } from '../model/types';
import { fittingsAfter, itemAfter, pieceAfter, sameWork, shellAfter } from './works';

/** A work that was done: on which day, and to how many of the thing. Those are then a thing of their own. */
export type Booked = { doneOn: string; count: number; newItem: Pick<Item, 'id' | 'name'> };

/**
 * The changes that book a work as done: the thing, the furniture or the room then is so, in every look. Where only some of
 * a thing were worked on, they become a thing of their own, which this look uses from then on.
 */
export function bookWork(file: RoomFile, look: Look, work: Work, booked: Booked): Change[] {
  const item = file.items.find((i) => i.id === work.itemId);
  const isPart = item !== undefined && booked.count < item.count;
  const done: Work = {
    ...work,
    doneOn: booked.doneOn,
    itemId: isPart ? booked.newItem.id : work.itemId,
  };
  const made = isPart ? partMade(file, look, { item, work, booked }) : wholeMade(file, work);
  const others = isPart ? [] : file.looks.flatMap((other) => sameIn(other, look, work, booked.doneOn));
  return [...made, { do: 'putWork', lookId: look.id, work: done }, ...others];
}

/** The same work planned in other looks is done with it. */
const sameIn = (other: Look, look: Look, work: Work, doneOn: string): Change[] =>
  other.id === look.id
    ? []
    : other.works
        .filter((row) => row.doneOn === null && sameWork(row) === sameWork(work))
        .map((row) => ({ do: 'putWork', lookId: other.id, work: { ...row, doneOn } }));

/** What was worked on, as it is from then on. */
function wholeMade(file: RoomFile, work: Work): Change[] {
  const { on, of, itemId } = work;
  const alone = { works: [{ ...work, doneOn: null }] };
  if (on === 'item')
    return file.items
      .filter((i) => i.id === itemId)
      .map((i) => ({ do: 'putItem', item: itemAfter(i, [work]) }));
  if (on === 'piece')
    return file.pieces
      .filter((p) => p.id === of)
      .map((piece) => ({ do: 'putPiece', piece: pieceAfter(piece, [work]) }));
  if (on === 'fitting')
    return fittingsAfter(
      file.fittings.filter((f) => f.id === of),
      alone,
    ).map((fitting) => ({ do: 'putFitting', fitting }));
  return [{ do: 'setRoom', room: { ...file.room, ...shellAfter(file.room, alone) } }];
}

type Part = { item: Item; work: Work; booked: Booked };
/** Some of a thing: a thing of their own beside the rest, and this look's rows with it. */
function partMade(file: RoomFile, look: Look, { item, work, booked: { count, newItem } }: Part): Change[] {
  return [
    { do: 'putItem', item: { ...item, count: item.count - count } },
    { do: 'putItem', item: { ...itemAfter(item, [work]), ...newItem, count, photoId: null } },
    ...LOOK_NOUNS.filter((noun) => noun !== 'work').flatMap((noun) =>
      rowsOfNoun(file, noun, look.id).flatMap((row): Change[] => {
        const renamed = describeNoun(noun).items.reduce(
          (r, path) => mapIdAt(r, path, (id) => (id === item.id ? newItem.id : id)),
          row,
        );
        return renamed === row
          ? []
          : [{ do: putKind(noun), lookId: look.id, [noun]: renamed } as unknown as Change];
      }),
    ),
  ];
}
