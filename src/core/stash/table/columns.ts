import { careSchema, fibreSchema, itemKindSchema, seasonSchema, textureSchema } from '../../model/schema';
import type { Item, StoragePlace } from '../../model/types';
import { BEDDING, METALS, PATTERN_KINDS, TEXTURES } from '../../model/values/item';
import {
  amount,
  bad,
  date,
  decimals,
  length,
  many,
  oneOf,
  readLength,
  text,
  value,
  yesNo,
  type Column,
  type Read,
  type TableContext,
} from './cells';
import { WISH_COLUMN } from './wish';
import { colours, readColours, writeColours } from './colours';

/** The other face of a textile of which nothing is said yet. */
const noBack = (): NonNullable<Item['back']> => ({
  colours: [],
  pattern: { kind: 'solid', repeatMm: 0 },
  texture: 'smooth',
});

/** An empty cell of it empties the thing's own; of other columns it leaves that as it was. */
const clearable = (column: Column): Column => ({ ...column, isClearable: true });

/** A column whose cell is empty where nothing is known, or where it does not apply. */
const orNone = (column: Column): Column =>
  clearable({
    ...column,
    write: (item, context) =>
      column.field !== 'pattern' && item[column.field] === null ? '' : column.write(item, context),
    read: (came, context) => (came.trim() === '' ? value(null) : column.read(came, context)),
  });

/**
 * Every column, in the order in which they are written. A table may hold any of them, in any order; name and
 * kind are needed for what is new.
 */
export const COLUMNS: readonly Column[] = [
  text('id', 'id', 64),
  text('name', 'name', 80),
  oneOf('kind', 'kind', itemKindSchema.options),
  amount('count', 'count'),
  amount('set_of', 'setOf'),
  length('width', 'widthMm'),
  length('height', 'heightMm'),
  length('depth', 'depthMm'),
  colours('colours', 'colours'),
  {
    title: 'pattern',
    field: 'pattern',
    write: (i) => i.pattern.kind,
    read: (t) => {
      const kind = PATTERN_KINDS.find((o) => o === t.trim().toLowerCase());
      return kind ? value({ pattern: { kind, repeatMm: -1 } }) : bad('not-one-of', PATTERN_KINDS.join(', '));
    },
  },
  {
    title: 'repeat',
    field: 'pattern',
    write: (i) => `${decimals(i.pattern.repeatMm)} mm`,
    read: (t, c) => {
      const r = readLength(t, c, '5 in, 12 cm');
      return 'code' in r ? r : value({ pattern: { kind: 'solid' as const, repeatMm: r.value } });
    },
  },
  oneOf('texture', 'texture', textureSchema.options),
  {
    title: 'back_colours',
    isClearable: true,
    field: 'back',
    write: (i) => writeColours(i.back?.colours ?? null),
    read: (t) => {
      if (t.trim() === '') return value({ back: null });
      const c = readColours(t);
      return c ? value({ back: { ...noBack(), colours: c } }) : bad('not-a-colour', '#a3462f');
    },
  },
  {
    title: 'back_pattern',
    field: 'back',
    write: (i) => i.back?.pattern.kind ?? '',
    read: (t) => {
      const kind = PATTERN_KINDS.find((o) => o === t.trim().toLowerCase());
      return kind
        ? value({ back: { ...noBack(), pattern: { kind, repeatMm: 0 } } })
        : bad('not-one-of', PATTERN_KINDS.join(', '));
    },
  },
  {
    title: 'back_repeat',
    field: 'back',
    write: (i) => (i.back ? `${decimals(i.back.pattern.repeatMm)} mm` : ''),
    read: (t, c) => {
      const r = readLength(t, c, '5 in, 12 cm');
      return 'code' in r
        ? r
        : value({ back: { ...noBack(), pattern: { kind: 'solid', repeatMm: r.value } } });
    },
  },
  {
    title: 'back_texture',
    field: 'back',
    write: (i) => i.back?.texture ?? '',
    read: (t) => {
      const texture = TEXTURES.find((o) => o.toLowerCase() === t.trim().toLowerCase());
      return texture ? value({ back: { ...noBack(), texture } }) : bad('not-one-of', TEXTURES.join(', '));
    },
  },
  oneOf('sheen', 'sheen', ['matt', 'low', 'satin', 'gloss']),
  oneOf('fibre', 'fibre', fibreSchema.options),
  amount('cloth_gsm', 'clothGsm'),
  amount('mass_g', 'massG'),
  oneOf('fill', 'fill', ['feather', 'polyester', 'foam', 'none']),
  yesNo('round', 'round'),
  orNone(oneOf('bedding', 'bedding', BEDDING)),
  orNone(amount('tog', 'tog')),
  orNone(length('pocket', 'pocketMm')),
  orNone(oneOf('metal', 'metal', METALS)),
  yesNo('glazed', 'glazed'),
  yesNo('washable', 'washable'),
  clearable(many('care', 'care', careSchema.options)),
  clearable(text('defects', 'defects', 400)),
  clearable(text('defects_lit', 'defectsLit', 400)),
  yesNo('poisonous', 'poisonous'),
  yesNo('scented', 'scented'),
  yesNo('battery', 'battery'),
  oneOf('state', 'state', ['owned', 'ordered', 'gone']),
  WISH_COLUMN,
  amount('price', 'price', 100),
  clearable(text('source', 'source', 80)),
  clearable(date('bought_on', 'boughtOn')),
  clearable(date('due_on', 'dueOn')),
  clearable(date('return_by', 'returnBy')),
  yesNo('tags_on', 'tagsOn'),
  clearable(many('season', 'season', seasonSchema.options)),
  amount('seasons_served', 'seasonsServed'),
  {
    title: 'place',
    isClearable: true,
    field: 'placeId',
    write: (i, c) => {
      const place = c.places.find((p) => p.id === i.placeId);
      return place ? writePlace(place, c.places) : '';
    },
    read: readPlace,
  },
  clearable(text('whereabouts', 'whereabouts', 80)),
  oneOf('colour_from', 'colourFrom', ['typed', 'photo', 'corrected', 'reader']),
  yesNo('seen', 'seen'),
  clearable(text('note', 'note', 2000)),
];

/** A place by its name; where several have it, with its id after it. */
function writePlace(place: StoragePlace, places: readonly StoragePlace[]): string {
  const isShared = places.filter((p) => sameName(p.name, place.name)).length > 1;
  return isShared ? `${place.name} #${place.id}` : place.name;
}

const sameName = (a: string, b: string): boolean => a.trim().toLowerCase() === b.trim().toLowerCase();

function readPlace(came: string, { places }: TableContext): Read<Pick<Item, 'placeId'>> {
  const text = came.trim();
  if (text === '') return value({ placeId: null });
  const exact = places.find((p) => p.id === text || `${p.name} #${p.id}` === text);
  const named = places.filter((p) => sameName(p.name, text));
  const written = (list: readonly StoragePlace[]) => list.slice(0, 6).map((p) => writePlace(p, places));
  if (named.length > 1 && !exact) return bad('which-place', written(named).join(', '));
  const place = exact ?? named[0];
  return place ? value({ placeId: place.id }) : bad('unknown-place', written(places).join(', '));
}

export const TITLES: readonly string[] = COLUMNS.map((c) => c.title);

export const itemToCells = (item: Item, context: TableContext): Record<string, string> =>
  Object.fromEntries(COLUMNS.map((c) => [c.title, c.write(item, context)]));

/** One column of the other face; it leaves the rest of that as it was. */
function withBack(was: Item['back'], title: string, read: unknown): Item['back'] {
  const { back: told } = read as Pick<Item, 'back'>;
  const back = was ?? noBack();
  if (!told) return null;
  if (title === 'back_colours') return { ...back, colours: told.colours };
  if (title === 'back_texture') return { ...back, texture: told.texture };
  const { kind, repeatMm } = told.pattern;
  const { pattern } = back;
  return { ...back, pattern: title === 'back_pattern' ? { ...pattern, kind } : { ...pattern, repeatMm } };
}

/**
 * One cell into the thing: the columns of a pattern and of the other face leave the rest of these as it was.
 */
export function withCell(item: Item, column: Column, read: unknown): Item {
  if (column.title === 'pattern')
    return { ...item, pattern: { ...item.pattern, kind: (read as Pick<Item, 'pattern'>).pattern.kind } };
  if (column.title === 'repeat')
    return {
      ...item,
      pattern: { ...item.pattern, repeatMm: (read as Pick<Item, 'pattern'>).pattern.repeatMm },
    };
  if (column.field === 'back') return { ...item, back: withBack(item.back, column.title, read) };
  if (column.title === 'place') return { ...item, ...(read as Pick<Item, 'placeId'>) };
  return { ...item, [column.field]: read };
}
