import { describe, expect, it } from 'vitest';
import { demoStudio, inches, item } from '../../../../tests/helpers/rooms';
import words from '../../../messages/en.json';
import { readColours } from './colours';
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
  it('reads colours as they are written', () => {
    expect(readColours('lab(45 38 30) 50% Tanbark red; #fff 50%')).toMatchObject([
      { l: 45, a: 38, b: 30, share: 0.5, name: 'Tanbark red' },
      { share: 0.5 },
    ]);
    for (const bad of ['', 'red', '#12345', 'lab(45 38) 50%', '#fff 0%', 'lab(145 0 0)'])
      expect(readColours(bad), bad).toBeUndefined();
  });
  it('has a column for every field that a person tells of a thing', () => {
    const told = new Set<string>([...COLUMNS.map((c) => c.field), 'pattern', 'back', 'placeId']);
    // told elsewhere: photos and measurements are no text, the room is told by where it is found
    for (const field of Object.keys(item()))
      if (!['photoId', 'roomId', 'rawColours', 'relied', 'spectrum'].includes(field))
        expect(told, field).toContain(field);
  });
});
