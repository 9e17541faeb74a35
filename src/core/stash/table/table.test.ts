import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoStudio, inches, item } from '../../../../tests/helpers/rooms';
import words from '../../../messages/en.json';
import { readColours, writeColours } from './colours';
import { COLUMNS, itemToCells, TITLES } from './columns';
import { readTable, type TableRead } from './readTable';

describe('the table', () => {
  const { items, places } = demoStudio();
  const context = { unit: 'in' as const, places };
  const read = (header: string[], ...rows: string[][]): TableRead => {
    const t = readTable(header, new Map(items.map((i) => [i.id, i])), context, () => 'new');
    if ('code' in t) throw new Error(t.code);
    rows.forEach((r, i) => t.add(r, i + 2));
    return t.finish();
  };
  it('comes back the same, cell by cell, for everything in the demo', () => {
    const rows = items.map((i) => {
      const cells = itemToCells(i, context);
      return TITLES.map((t) => cells[t]!);
    });
    expect(words.stash.table.columns).toBe(TITLES.join(', '));
    expect(read([...TITLES], ...rows)).toMatchObject({
      added: [],
      changed: [],
      issues: [],
      same: items.length,
    });
  });
  it('adds what is new with what it says, and changes what is known in the columns that it has', () => {
    const { added, changed } = read(
      ['Name', 'Kind', 'Count', 'Width', 'Height', 'Colours', 'Price', 'Season', 'Place'],
      [
        'Dory stripe',
        'Cover',
        '3',
        '22',
        '22 in',
        '#a3462f 60% Tanbark; #e9e5da',
        '32,50',
        'spring; summer',
        places[0]!.name,
      ],
    );
    expect(changed).toEqual([]);
    expect(added[0]).toMatchObject({
      id: 'new',
      name: 'Dory stripe',
      kind: 'cover',
      count: 3,
      widthMm: inches(22),
      price: 3250,
      season: ['spring', 'summer'],
      placeId: places[0]!.id,
      colours: [{ name: 'Tanbark', share: 0.6 }, { share: 0.5 }],
    });
    expect(read(['id', 'count'], [items[0]!.id, '7']).changed[0]).toMatchObject({
      columns: ['count'],
      after: { ...items[0]!, count: 7 },
    });
  });
  it('says row, column and what would be read; a row with a bad cell is refused whole, the others are not', () => {
    const { added, issues } = read(
      ['name', 'kind', 'width', 'bought_on', 'washable', 'place'],
      ['A', 'cover', '20', '2026-02-30', 'maybe', 'nowhere'],
      ['B', 'cushion', 'wide', '', '', ''],
      ['C', 'cover', '50 cm', '', 'yes', ''],
      ['', 'cover', '', '', '', ''],
    );
    expect(added.map((a) => a.name)).toEqual(['C']);
    expect(issues.map((i) => `${i.row} ${i.column} ${i.code}`)).toEqual([
      '2 bought_on not-a-date',
      '2 washable not-yes-or-no',
      '2 place unknown-place',
      '3 kind not-one-of',
      '3 width not-a-length',
      '5 name needed',
    ]);
    for (const day of ['2026-13-45', '2026-02-30', '30/04/2026', '2026-4-3', 'soon'])
      expect(read(['name', 'kind', 'return_by'], ['A', 'cover', day]).issues[0], day).toMatchObject({
        code: 'not-a-date',
        came: day,
      });
    expect(read(['name', 'kind', 'return_by'], ['A', 'cover', '2028-02-29']).added[0]!.returnBy).toBe(
      '2028-02-29',
    );
    expect(read(['id', 'name', 'kind'], ['a', 'A', 'cover'], ['a', 'B', 'cover']).issues[0]).toMatchObject({
      row: 3,
      code: 'same-id',
    });
    expect(readTable(['colour', 'size'], new Map(), context, () => '')).toMatchObject({ code: 'no-header' });
    expect(readTable(['name', 'flavour'], new Map(), context, () => '')).toMatchObject({
      code: 'unknown-column',
      column: 'flavour',
    });
    expect(readTable(['name', 'kind', 'Name'], new Map(), context, () => '')).toMatchObject({
      code: 'column-twice',
      column: 'Name',
    });
  });
  it('refuses a list with one word that is none of those it takes', () => {
    const header = ['Name', 'Kind', 'Width', 'Height', 'Season'];
    const codes = (season: string) =>
      read(header, ['Dory stripe', 'cover', '22', '22', season]).issues.map((i) => `${i.column} ${i.code}`);
    expect(codes('spring summer')).toEqual([]);
    expect(codes('spring monsoon summer')).toEqual(['season not-one-of']);
    expect(codes('monsoon')).toEqual(['season not-one-of']);
  });
  it('reads colours as they are written', () => {
    expect(readColours('lab(45 38 30) 50% Tanbark red; #fff 50%')).toMatchObject([
      { l: 45, a: 38, b: 30, share: 0.5, name: 'Tanbark red' },
      { share: 0.5 },
    ]);
    for (const bad of ['', 'red', '#12345', 'lab(45 38) 50%', '#fff 0%', 'lab(145 0 0)'])
      expect(readColours(bad), bad).toBeUndefined();
  });
  it('refuses a number that can be read in two ways, with both', () => {
    const issue = (column: string, cell: string) =>
      read(['name', 'kind', column], ['A', 'cover', cell]).issues[0];
    for (const [column, cell, expected] of [
      ['width', '1,250 mm', '1.25 mm or 1250 mm'],
      ['height', '1,250', '1.25 in or 1250 in'],
      ['depth', '12,500 mm', '12.5 mm or 12500 mm'],
      ['repeat', '1,200 mm', '1.2 mm or 1200 mm'],
      ['back_repeat', '1,200 mm', '1.2 mm or 1200 mm'],
      ['count', '1,250', '1.25 or 1250'],
      ['price', '2,499', '2.499 or 2499'],
      ['mass_g', '3,500', '3.5 or 3500'],
    ] as const)
      expect(issue(column, cell), cell).toMatchObject({ code: 'two-readings', came: cell, expected });
    // what can be read in one way only is read
    const width = (cell: string) => read(['name', 'kind', 'width'], ['A', 'cover', cell]).added[0]?.widthMm;
    expect([
      width('1,25 m'),
      width('2,515 m'),
      width('0,508 m'),
      width('50,8 cm'),
      width('1 250 mm'),
    ]).toEqual([1250, 2515, 508, 508, 1250]);
    expect(read(['name', 'kind', 'price'], ['A', 'cover', '12,50']).added[0]?.price).toBe(1250);
  });
  it('names of colours come back as they went, whatever is in them', () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ name: fc.string({ minLength: 1, maxLength: 60, unit: 'grapheme-ascii' }) }), {
          minLength: 1,
          maxLength: 8,
        }),
        (named) => {
          const colours = named.map(({ name }, i) => ({ l: 50 + i, a: 3, b: -4.5, share: 0.125, name }));
          expect(readColours(writeColours(colours))).toEqual(colours);
        },
      ),
    );
    for (const name of [
      'Tan; bark',
      'two\nlines',
      'tab\there',
      '"quoted"',
      '12" weave',
      ' spaces ',
      '50% grey',
      '\\',
      'a\r\nb;c',
    ])
      expect(readColours(writeColours([{ l: 1, a: 2, b: 3, share: 1, name }])), name).toEqual([
        { l: 1, a: 2, b: 3, share: 1, name },
      ]);
    // a mark of inches within a name is no quote
    expect(readColours('#fff 40% 12" weave; #000 60% 6" weave')?.map((c) => c.name)).toEqual([
      '12" weave',
      '6" weave',
    ]);
  });
  it('tells two places of one name apart', () => {
    const place = (id: string, name: string) => ({ ...places[0]!, id, name });
    const twins = {
      unit: 'in' as const,
      places: [place('p1', 'Box'), place('p2', 'box'), place('p3', 'Shelf')],
    };
    const put = (cell: string) => {
      const t = readTable(['name', 'kind', 'place'], new Map(), twins, () => 'new');
      if ('code' in t) throw new Error(t.code);
      t.add(['A', 'cover', cell], 2);
      const { added, issues } = t.finish();
      return added[0]?.placeId ?? issues[0]?.code;
    };
    for (const id of ['p1', 'p2', 'p3']) {
      const cell = itemToCells(item({ placeId: id }), twins).place!;
      expect(put(cell), cell).toBe(id);
    }
    expect([put('Box'), put('shelf'), put('p2'), put('Crate')]).toEqual([
      'which-place',
      'p3',
      'p2',
      'unknown-place',
    ]);
  });
  it('a new row keeps its other face whole, in any order of the columns', () => {
    const back = {
      colours: [{ l: 30, a: 5, b: 10, share: 1 }],
      pattern: { kind: 'stripe' as const, repeatMm: 120 },
      texture: 'velvet' as const,
    };
    const cells = itemToCells(item({ id: 'elsewhere', back }), context);
    for (const header of [[...TITLES], [...TITLES].reverse()])
      expect(
        read(
          header,
          header.map((t) => (t === 'id' ? '' : cells[t]!)),
        ).added[0]!.back,
      ).toEqual(back);
    // one without stays without, and a face without a colour is refused
    const plain = itemToCells(item({ id: 'elsewhere', back: null }), context);
    expect(
      read(
        [...TITLES],
        TITLES.map((t) => plain[t]!),
      ).added[0]!.back,
    ).toBeNull();
    expect(read(['name', 'kind', 'back_texture'], ['A', 'cover', 'velvet']).issues[0]).toMatchObject({
      column: 'back_colours',
      code: 'refused',
    });
    // an empty cell of a known thing takes its other face away
    const known = items.find((i) => i.back === null)!;
    expect(read(['id', 'back_texture'], [known.id, '']).same).toBe(1);
  });
  it('has a column for every field that a person tells of a thing', () => {
    const told = new Set<string>([...COLUMNS.map((c) => c.field), 'pattern', 'back', 'placeId']);
    // told elsewhere: photos, measurements and the marks of a cloth are no text, the room is told by where it is found
    for (const field of Object.keys(item()))
      if (!['photoId', 'roomId', 'rawColours', 'relied', 'spectrum', 'cloth'].includes(field))
        expect(told, field).toContain(field);
  });
});
