import type { Mm } from '../base/units';
import type { HomeFlags, Item, Piece, Placement } from '../model/types';
import { facing, isPropped } from '../room/lies';
import { isMadeUp } from '../room/made';
import { pillowThickness, takenSize } from '../room/pillow';
import {
  foldOf,
  isDraped,
  pastEdge,
  throwHostOf,
  throwPath,
  type Draped,
  type PastEdge,
  type ThrowPath,
} from '../room/throws';
import type { RuleBook } from '../rules/book';
import { needsCasing } from './casing';
import { chooseInsert, fillOf } from './insert';
import type { PillowPlan } from './pillows';

/** What a look puts on seats and beds, and what its home says of fillings. */
export type Laid = {
  placements: readonly Placement[];
  items: ReadonlyMap<string, Item>;
  flags: Pick<HomeFlags, 'featherFree'>;
};

/** A throw or a cover laid over furniture: where it runs. */
export type ThrowPlan = {
  placementId: string;
  itemId: string;
  name: string;
  item: Item;
  /** Its middle from the left end of the seat, or of the arm. */
  xMm: Mm;
  isOnArm: boolean;
  lie: Draped;
  fold: NonNullable<Placement['fold']>;
  path: ThrowPath;
  past: PastEdge | null;
};

/** Parts of seats that pillows lean on and cloth is laid over; of a bed it is the mattress. */
const isPartOfSeat = (part: string): boolean =>
  part === 'seat' || (part.startsWith('arm') && /^arm[0-9]*$/.test(part));
const isPartOfBed = (part: string): boolean => part === 'mattress';
const isOn = (piece: Piece, { spot }: Placement): boolean =>
  spot.of === piece.id && (isMadeUp(piece) ? isPartOfBed : isPartOfSeat)(spot.part);

/** Whether seats or beds read what is put there. */
export const isForTextiles = ({ spot }: Placement): boolean =>
  isPartOfSeat(spot.part) || isPartOfBed(spot.part);

/** The pillows that lean on a seat or a bed, back to front, each with its insert. */
export function pillowsOn(piece: Piece, { placements, items, flags }: Laid, rules: RuleBook): PillowPlan[] {
  const inserts = [...items.values()].filter((item) => item.kind === 'insert');
  const rows = placements
    .flatMap((p) => {
      const item = items.get(p.itemId);
      return isOn(piece, p) && isPropped(p) && item ? [{ p, item }] : [];
    })
    .sort((a, b) => a.p.row - b.p.row || a.p.xMm - b.p.xMm);
  return rows.map(({ p, item }) => {
    const isTurned = p.lie === 'proppedSide';
    const use = takenSize(item, isTurned, rules);
    const fill = fillOf(item, p.fill, { featherFree: flags.featherFree, inserts }, rules);
    const shown = facing(item, p.face);
    return {
      placementId: p.id,
      itemId: item.id,
      name: item.name,
      shown,
      xMm: p.xMm,
      useWidthMm: use.widthMm,
      useHeightMm: use.heightMm,
      row: p.row,
      fill,
      chopped: p.chopped,
      zip: p.zip,
      cover: isTurned
        ? { widthMm: item.heightMm, heightMm: item.widthMm }
        : { widthMm: item.widthMm, heightMm: item.heightMm },
      insert: chooseInsert(item, fill, rules, { owned: inserts }),
      hasCasing: needsCasing(item, fill, rules),
      thicknessMm: pillowThickness(item, rules),
    };
  });
}

/** The throws that are laid over a piece. */
export const throwsOn = (piece: Piece, { placements, items }: Laid, rules: RuleBook): ThrowPlan[] =>
  placements.flatMap((p): ThrowPlan[] => {
    const item = items.get(p.itemId);
    const { lie } = p;
    if (!isOn(piece, p) || !item || !isDraped(lie)) return [];
    const host = throwHostOf(piece);
    const path = throwPath(item, { ...p, lie }, host, rules);
    return [
      {
        placementId: p.id,
        itemId: item.id,
        name: item.name,
        xMm: p.xMm,
        isOnArm: lie === 'overArm',
        item: facing(item, p.face),
        lie,
        fold: foldOf(p),
        path,
        past: pastEdge({ lie, xMm: p.xMm }, path, host),
      },
    ];
  });
