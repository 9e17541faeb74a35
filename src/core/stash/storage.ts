import { elementAt } from '../base/list';
import type { Mm } from '../base/units';
import type { Item, Piece, StoragePlace } from '../model/types';
import type { RuleBook } from '../rules/book';
import type { RuleId } from '../rules/table';
import { CLOTH_KINDS } from '../model/values/item';

/** Cubic decimetres: litres. */
export type Litre = number;
const litres = (...sides: Mm[]): Litre => sides.reduce((v, s) => v * s, 1) / 1e6;

/**
 * Thickness of folded cloth: its weight over the density of loosely folded cloth (about 250 kg/m³), at least
 * a millimetre a layer.
 */
const FOLDED_DENSITY = 250;
const clothThick = (gsm: number): Mm => Math.max(1, (gsm || 200) / FOLDED_DENSITY);
/** How thick an insert is when filled, as a share of its smaller side. */
const LOFT = 0.38;

type Packed = Pick<Item, 'kind' | 'widthMm' | 'heightMm' | 'depthMm' | 'clothGsm' | 'fill'>;

/** Feather and polyester can be pressed smaller; foam and hard things can't. */
const PRESSED: Partial<Record<Item['fill'], RuleId>> = {
  feather: 'stash.compressFeather',
  polyester: 'stash.compressPolyester',
};
const pressOf = (item: Packed, rules: RuleBook): number => {
  const rule = PRESSED[item.fill];
  return rule ? rules.number(rule) : 1;
};

const flat = (item: Packed): Litre =>
  litres(item.widthMm, item.heightMm, item.depthMm || clothThick(item.clothGsm));
const FILLED_BEDDING: Mm = 60;

/** How each kind is packed; a thing of any other kind takes its own size. */
const PACKED: Partial<Record<Item['kind'], (item: Packed, rules: RuleBook) => Litre>> = {
  // a cover lies flat, two layers
  cover: (item) => litres(item.widthMm, item.heightMm, 2 * clothThick(item.clothGsm)),
  insert: (item, rules) =>
    litres(item.widthMm, item.heightMm, item.depthMm || Math.min(item.widthMm, item.heightMm) * LOFT) *
    pressOf(item, rules),
  throw: flat,
  tablecloth: flat,
  runner: flat,
  placemat: flat,
  napkin: flat,
  panel: flat,
  rug: flat,
  bedding: (item, rules) =>
    item.fill === 'none'
      ? litres(item.widthMm, item.heightMm, item.depthMm || 2 * clothThick(item.clothGsm))
      : litres(item.widthMm, item.heightMm, item.depthMm || FILLED_BEDDING) * pressOf(item, rules),
};

/** What hangs flat on a wall is thin: its thickness as a share of its smaller side, where none is known. */
const THIN = 0.05;
const hard = (item: Packed): Litre => {
  const flatKind = item.kind === 'art' || item.kind === 'mirror' || item.kind === 'frame';
  const thickMm = Math.min(item.widthMm, item.heightMm) * (flatKind ? THIN : 1);
  return litres(item.widthMm, item.heightMm, item.depthMm || thickMm);
};

/** What one thing takes in store, pressed as small as it may be. */
export const packedLitres = (item: Packed, rules: RuleBook): Litre =>
  (PACKED[item.kind] ?? hard)(item, rules);

export type Contents = {
  placeId: string;
  holds: Litre;
  takes: Litre;
  fits: boolean;
  /** Things that are longer than the place, whatever their volume. */ tooLong: string[];
  /** Down or wool: must be dry, and foam is never pressed. */ keepDry: string[];
};

const FOLDS: ReadonlySet<Item['kind']> = new Set([...CLOTH_KINDS, 'casing']);

/** Is a hard thing larger than the place every way? Cloth folds. */
const tooLong = (item: Item, place: StoragePlace): boolean => {
  if (FOLDS.has(item.kind) || (item.kind === 'insert' && item.fill !== 'foam')) return false;
  const sides = [item.widthMm, item.heightMm, item.depthMm || 30].sort((a, b) => b - a);
  const room = [place.widthMm, place.depthMm, place.heightMm].sort((a, b) => b - a);
  return sides.some((s, i) => s > elementAt(room, i) + 0.5);
};

/** What a place holds against what is in it. A place is never packed to its last corner. */
export function contentsOf(place: StoragePlace, items: readonly Item[], rules: RuleBook): Contents {
  const inside = items.filter((i) => i.placeId === place.id && i.state !== 'gone');
  const holds = litres(place.widthMm, place.depthMm, place.heightMm) * rules.number('stash.packed');
  const takes = inside.reduce((sum, i) => sum + i.count * packedLitres(i, rules), 0);
  const long = inside.filter((i) => tooLong(i, place)).map((i) => i.name);
  return {
    placeId: place.id,
    holds,
    takes,
    fits: takes <= holds + 1e-6 && long.length === 0,
    tooLong: long,
    keepDry: inside
      .filter((i) => i.fill === 'feather' || i.fibre === 'wool' || i.fibre === 'down')
      .map((i) => i.name),
  };
}

/** Under which furniture a place goes, turned or not: what it leaves of the gap's height. */
export const goesUnder = (
  place: StoragePlace,
  pieces: readonly Piece[],
): { pieceId: string; name: string; gapMm: Mm; leftMm: Mm }[] =>
  pieces.flatMap((p) => {
    // a gap that nobody measured is not guessed
    const gapMm = p.gapMm ?? 0;
    const lies = (w: Mm, d: Mm) => w <= p.widthMm + 0.5 && d <= p.depthMm + 0.5;
    return gapMm > 0 &&
      place.heightMm <= gapMm + 0.5 &&
      (lies(place.widthMm, place.depthMm) || lies(place.depthMm, place.widthMm))
      ? [{ pieceId: p.id, name: p.name, gapMm, leftMm: gapMm - place.heightMm }]
      : [];
  });
