import fc from 'fast-check';
import { applyChange } from './change';
import { describe, expect, it } from 'vitest';
import {
  bareRoom,
  dressing,
  fittingOf,
  hanging,
  item,
  onSeat,
  opening,
  piece,
  placement,
  standing,
} from '../../../tests/helpers/rooms';
import { GROUP, SHEER } from './defaults';
import {
  afterRemoval,
  editNoun,
  emptyLists,
  headOfLook,
  itemIdsOf,
  itemIdsOfFile,
  listsSince,
  LOOK_LISTS,
  mapIdAt,
  mapItemIds,
  NOUN_NAMES,
  rowsOfNoun,
  valueAt,
} from './nouns';
import type { Dressing, Look, RoomFile, Placement } from './types';

const sheer = {
  itemId: 'voile',
  heading: 'rodPocket',
  landing: 'clear',
  fullness: null,
  panels: null,
  drawn: 'open',
  pinMm: null,
  route: null,
  making: SHEER.making,
} as const;
const print = { itemId: 'print', sheetWidthMm: 100, sheetHeightMm: 100, pxWide: null, pxHigh: null };
const group = { ...GROUP, id: 'g', name: 'Group', wallId: 'n', kind: 'row' as const };

/** A room in which everything hangs on something, in two looks that are alike. */
function linked(): RoomFile {
  const base = bareRoom();
  const look: Look = {
    ...(base.looks[0] as Look),
    dressings: [
      dressing({ id: 'd', openingId: 'win', itemId: 'panel', sheer }),
      dressing({ id: 'e', openingId: 'tub' }),
    ],
    groups: [{ ...group, overPieceId: 'sofa', axisId: 'tv' }],
    hangings: [hanging({ id: 'h', itemId: 'frame', print, overPieceId: 'sofa', groupId: 'g' })],
    placements: [
      placement({ id: 'p', itemId: 'cover', ...onSeat('sofa') }),
      placement({ id: 'q', itemId: 'cover', ...standing('tv', 'mantel') }),
    ],
  };
  return {
    ...base,
    openings: [opening({ id: 'win' })],
    fittings: [fittingOf({ id: 'tub', kind: 'tub' }), fittingOf({ id: 'tv', kind: 'tv' })],
    pieces: [piece({ id: 'sofa' })],
    items: ['panel', 'voile', 'frame', 'print', 'cover'].map((id) => item({ id })),
    looks: [look, { ...look, id: 'other', name: 'Other' }],
  };
}
const ids = (rows: readonly { id: string }[]) => rows.map((r) => r.id);

describe('a look', () => {
  it('without its lists is its head, and a head with empty lists a look', () => {
    const [look] = linked().looks as [Look, Look];
    const head = headOfLook(look);
    for (const list of LOOK_LISTS) expect(head).not.toHaveProperty(list);
    expect({ ...head, ...emptyLists() }).toEqual({
      ...look,
      dressings: [],
      hangings: [],
      groups: [],
      placements: [],
    });
  });
  it('of an older version lacks the lists that came later, and no others', () => {
    expect(listsSince(2, 'look')).toEqual({ moved: [], brought: [], groups: [], works: [] });
    expect(listsSince(3, 'look')).toEqual({ moved: [], brought: [], works: [] });
    expect(listsSince(5, 'look')).toEqual({ works: [] });
    expect(listsSince(6, 'look')).toEqual({});
    expect(listsSince(1, 'room')).toEqual({});
  });
});

describe('what is removed', () => {
  it('an opening takes its dressings along, in every look', () => {
    const changed = afterRemoval(linked(), 'opening', 'win');
    for (const look of changed.looks) expect(ids(look.dressings)).toEqual(['e']);
  });
  it('a tub takes its curtain along, and nothing else', () => {
    const previous = linked();
    const changed = afterRemoval(previous, 'fitting', 'tub');
    for (const look of changed.looks) expect(ids(look.dressings)).toEqual(['d']);
    expect(changed.looks[0]?.placements).toBe(previous.looks[0]?.placements);
    expect(changed.looks[0]?.groups).toBe(previous.looks[0]?.groups);
  });
  it('a fitting takes along what stands on it, and lets go of the groups on its axis', () => {
    const [look] = afterRemoval(linked(), 'fitting', 'tv').looks as [Look, Look];
    expect(ids(look.placements)).toEqual(['p']);
    expect(look.groups[0]).toEqual({ ...group, overPieceId: 'sofa', axisId: null });
  });
  it('a thing takes along what it carries, at however many removes, in its own look alone', () => {
    const base = linked();
    const carried = [
      placement({ id: 'tray', itemId: 'cover', ...standing('sofa', 'seat') }),
      placement({ id: 'vase', itemId: 'cover', ...standing('tray') }),
      placement({ id: 'stem', itemId: 'cover', ...standing('vase', 'mouth') }),
      placement({ id: 'other', itemId: 'cover', ...standing('sofa', 'seat') }),
    ];
    const file = { ...base, looks: base.looks.map((look) => ({ ...look, placements: carried })) };
    const [one, two] = file.looks as [Look, Look];
    const removed = applyChange(file, { do: 'removePlacement', lookId: one.id, id: 'tray' });
    expect(removed.looks.map((look) => ids(look.placements))).toEqual([['other'], ids(two.placements)]);
    const bare = applyChange(file, { do: 'removePiece', id: 'sofa' });
    expect(bare.looks.map((look) => look.placements)).toEqual([[], []]);
  });
  it('and nothing else, whatever carries what', () => {
    const base = linked();
    const [look] = base.looks as [Look];
    const anyTree = fc.array(fc.nat(), { minLength: 1, maxLength: 12 }).map((carriers) =>
      carriers.map((carrier, i) => {
        const of = carrier % (i + 1);
        return placement({ id: `t${i}`, itemId: 'cover', ...standing(of === i ? 'sofa' : `t${of}`) });
      }),
    );
    fc.assert(
      fc.property(anyTree, fc.nat(), (things, which) => {
        const file = { ...base, looks: base.looks.map((l) => ({ ...l, placements: things })) };
        const id = `t${which % things.length}`;
        const carriersOf = (t: Placement): string[] => {
          const under = things.find((x) => x.id === t.spot.of);
          return under ? [under.id, ...carriersOf(under)] : [];
        };
        const stays = things.filter((t) => t.id !== id && !carriersOf(t).includes(id));
        const [now] = applyChange(file, { do: 'removePlacement', lookId: look.id, id }).looks as [Look];
        expect(now.placements).toEqual(stays);
      }),
    );
  });
  it('a piece takes along what lies on it; what hangs over it stays, over nothing', () => {
    const [look] = afterRemoval(linked(), 'piece', 'sofa').looks as [Look, Look];
    expect(ids(look.placements)).toEqual(['q']);
    expect(look.hangings[0]?.overPieceId).toBeNull();
    expect(look.hangings[0]?.groupId).toBe('g');
    expect(look.groups[0]?.overPieceId).toBeNull();
    expect(look.groups[0]?.axisId).toBe('tv');
  });
  it('a group leaves its pieces hanging by themselves, in its own look only', () => {
    const [look, other] = afterRemoval(linked(), 'group', 'g', 'look').looks as [Look, Look];
    expect(look.hangings[0]).toMatchObject({ groupId: null, groupAt: null, overPieceId: 'sofa' });
    expect(other.hangings[0]?.groupId).toBe('g');
  });
  it('something that nothing hangs on changes nothing else', () => {
    const previous = linked();
    expect(afterRemoval(previous, 'placement', 'p', 'look')).toBe(previous);
    expect(afterRemoval(previous, 'piece', 'another')).toBe(previous);
  });
});

describe('the items that rows speak of', () => {
  it('are those of the cloth, the sheer, the frame and the print', () => {
    const [look] = linked().looks as [Look, Look];
    expect(itemIdsOf('dressing', look.dressings[0] as Dressing)).toEqual(['panel', 'voile']);
    expect(itemIdsOf('dressing', look.dressings[1] as Dressing)).toEqual([]);
    expect(itemIdsOf('hanging', look.hangings[0]!)).toEqual(['frame', 'print']);
    expect(itemIdsOf('group', look.groups[0]!)).toEqual([]);
  });
  it('are counted in every look', () => {
    const used = itemIdsOfFile(linked());
    expect(used.filter((id) => id === 'voile')).toHaveLength(2);
    expect(used.filter((id) => id === 'cover')).toHaveLength(4);
  });
  it('are renamed everywhere at once; what is in use stays in use', () => {
    const renamed = mapItemIds(linked(), (id) => `${id}-2`);
    expect(ids(renamed.items)).toEqual(['panel-2', 'voile-2', 'frame-2', 'print-2', 'cover-2']);
    expect(itemIdsOfFile(renamed)).toEqual(itemIdsOfFile(linked()).map((id) => `${id}-2`));
    expect(renamed.looks[1]?.dressings[0]?.openingId).toBe('win');
  });
  it('are also renamed where a task only mentions one', () => {
    const task = {
      id: 't',
      kind: 'wash' as const,
      text: 'Wash the cover',
      itemId: 'cover',
      waitMinutes: 0,
      startedAt: null,
      done: false,
    };
    const base = linked();
    const file = { ...base, clear: { ...base.clear, tasks: [task] } };
    expect(mapItemIds(file, (id) => `${id}-2`).clear.tasks[0]?.itemId).toBe('cover-2');
    expect(itemIdsOfFile(file)).toEqual(itemIdsOfFile(base));
  });
});

describe('a path into a row', () => {
  const row = { id: 'a', part: { to: 'b', by: null } };
  it('finds what is there, and nothing where there is no such part', () => {
    expect(valueAt(row, 'part.to')).toBe('b');
    expect(valueAt(row, 'part.by')).toBeNull();
    expect(valueAt({ id: 'a' }, 'part.to')).toBeUndefined();
  });
  it('replaces an id deep within, and keeps a row that has none', () => {
    expect(mapIdAt(row, 'part.to', (id) => `${id}2`)).toEqual({ id: 'a', part: { to: 'b2', by: null } });
    expect(mapIdAt(row, 'part.by', () => 'x')).toBe(row);
    expect(mapIdAt(row, 'part.to', (id) => id)).toBe(row);
    expect(row.part.to).toBe('b');
  });
});

describe('a list that is edited', () => {
  it.each(NOUN_NAMES)('of %s: the file stays the same object while the list does', (noun) => {
    const file = linked();
    expect(editNoun(file, noun, (rows) => rows)).toBe(file);
  });
  it.each(NOUN_NAMES)('of %s: is emptied, and no other list with it', (noun) => {
    const file = linked();
    const emptied = editNoun(file, noun, () => []);
    for (const other of NOUN_NAMES)
      for (const look of ['look', 'other'])
        expect(rowsOfNoun(emptied, other, look)).toEqual(other === noun ? [] : rowsOfNoun(file, other, look));
  });
  it('is edited in the look that is named, and in no other', () => {
    const file = linked();
    const edited = editNoun(file, 'hanging', () => [], 'other');
    expect(edited.looks[0]).toBe(file.looks[0]);
    expect(edited.looks[1]?.hangings).toEqual([]);
    expect(editNoun(file, 'hanging', () => [], 'nowhere')).toBe(file);
  });
});
