import { parseLength } from '../../base/length';
import { careSchema, fibreSchema, itemKindSchema, seasonSchema, textureSchema } from '../../model/schema';
import type { Item } from '../../model/types';
import {
  amount,
  bad,
  date,
  decimals,
  length,
  many,
  oneOf,
  text,
  value,
  yesNo,
  type Column,
  type TableContext,
} from './cells';
import { colours, readColours, writeColours } from './colours';

/** An empty cell of it empties the thing's own; of other columns it leaves that as it was. */
const clearable = (column: Column): Column => ({ ...column, isClearable: true });

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
      const options = ['solid', 'stripe', 'check', 'floral', 'motif', 'texture'] as const;
      const kind = options.find((o) => o === t.trim().toLowerCase());
      return kind ? value({ pattern: { kind, repeatMm: -1 } }) : bad('not-one-of', options.join(', '));
    },
  },
  {
    title: 'repeat',
    field: 'pattern',
    write: (i) => `${decimals(i.pattern.repeatMm)} mm`,
    read: (t, c) => {
      const r = parseLength(t, c.unit);
      return r.ok && r.value >= 0
        ? value({ pattern: { kind: 'solid' as const, repeatMm: r.value } })
        : bad('not-a-length', '5 in, 12 cm');
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
      return c
        ? value({
            back: {
              colours: c,
              pattern: { kind: 'solid' as const, repeatMm: 0 },
              texture: 'smooth' as const,
            },
          })
        : bad('not-a-colour', '#a3462f');
    },
  },
  oneOf('sheen', 'sheen', ['matt', 'low', 'satin', 'gloss']),
  oneOf('fibre', 'fibre', fibreSchema.options),
  amount('cloth_gsm', 'clothGsm'),
  amount('mass_g', 'massG'),
  oneOf('fill', 'fill', ['feather', 'polyester', 'foam', 'none']),
  yesNo('glazed', 'glazed'),
  yesNo('washable', 'washable'),
  clearable(many('care', 'care', careSchema.options)),
  clearable(text('defects', 'defects', 400)),
  clearable(text('defects_lit', 'defectsLit', 400)),
  yesNo('poisonous', 'poisonous'),
  yesNo('scented', 'scented'),
  oneOf('state', 'state', ['owned', 'ordered', 'gone']),
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
    write: (i, c) => c.places.find((p) => p.id === i.placeId)?.name ?? '',
    read: (t, c) => {
      const name = t.trim().toLowerCase();
      if (name === '') return value({ placeId: null });
      const p = c.places.find((x) => x.name.toLowerCase() === name || x.id === t.trim());
      return p
        ? value({ placeId: p.id })
        : bad(
            'unknown-place',
            c.places
              .map((x) => x.name)
              .slice(0, 6)
              .join(', '),
          );
    },
  },
  clearable(text('whereabouts', 'whereabouts', 80)),
  oneOf('colour_from', 'colourFrom', ['typed', 'photo', 'corrected', 'reader']),
  yesNo('seen', 'seen'),
  clearable(text('note', 'note', 2000)),
];

export const TITLES: readonly string[] = COLUMNS.map((c) => c.title);

export const itemToCells = (item: Item, context: TableContext): Record<string, string> =>
  Object.fromEntries(COLUMNS.map((c) => [c.title, c.write(item, context)]));

/**
 * One cell into the thing: the two columns of a pattern and the other face's colours leave the rest of it as
 * it was.
 */
export function withCell(item: Item, column: Column, read: unknown): Item {
  if (column.title === 'pattern')
    return { ...item, pattern: { ...item.pattern, kind: (read as Pick<Item, 'pattern'>).pattern.kind } };
  if (column.title === 'repeat')
    return {
      ...item,
      pattern: { ...item.pattern, repeatMm: (read as Pick<Item, 'pattern'>).pattern.repeatMm },
    };
  if (column.title === 'back_colours') {
    const { back } = read as Pick<Item, 'back'>;
    return { ...item, back: back && item.back ? { ...item.back, colours: back.colours } : back };
  }
  if (column.title === 'place') return { ...item, ...(read as Pick<Item, 'placeId'>) };
  return { ...item, [column.field]: read };
}
