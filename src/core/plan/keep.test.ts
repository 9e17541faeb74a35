import { describe, expect, it } from 'vitest';
import { bareRoom, piece } from '../../../tests/helpers/rooms';
import type { Look, RoomFile } from '../model/types';
import { Keeper, partOf, type Memories } from './keep';

type Parts = {
  now: string | undefined;
  ceiling: number;
  pieces: string[];
  both: string;
  list: readonly object[];
  length: number;
};
const part = partOf<Parts>();

/** Parts that count how often they were worked out. */
function counted() {
  const made: string[] = [];
  const ceiling = part('ceiling', { room: ['ceilingMm'] }, ({ file }) => {
    made.push('ceiling');
    return file.room.ceilingMm;
  });
  const pieces = part('pieces', { file: ['pieces'] }, ({ file }) => {
    made.push('pieces');
    return file.pieces.map((p) => p.id);
  });
  const both = part('both', { look: ['name'], parts: ['ceiling', 'pieces', 'now'] }, (input) => {
    made.push('both');
    return `${input.look.name} ${input.ceiling} ${input.pieces.join()} ${input.now}`;
  });
  return { made, parts: [ceiling, pieces, both] };
}

const lookOf = (file: RoomFile) => file.looks[0] as Look;
const base: RoomFile = { ...bareRoom(), pieces: [piece({ id: 'sofa' })] };
const { ceilingMm } = base.room;

function run(counting: ReturnType<typeof counted>, file: RoomFile, previous?: Memories, now?: string) {
  counting.made.length = 0;
  const keeper = new Keeper<Parts>({ file, look: lookOf(file) }, { now }, previous);
  for (const p of counting.parts) keeper.run(p);
  return keeper;
}

describe('a part', () => {
  it('is worked out once for the same objects, whatever else changed', () => {
    const counting = counted();
    const first = run(counting, base);
    expect(counting.made).toEqual(['ceiling', 'pieces', 'both']);
    const again = run(counting, { ...base, room: { ...base.room, note: 'Damp' }, items: [] }, first.memories);
    expect(counting.made).toEqual([]);
    expect(again.parts.pieces).toBe(first.parts.pieces);
    expect(again.parts.both).toBe(`Look ${ceilingMm} sofa undefined`);
  });
  it('is worked out anew when a field, a list or an earlier part of its own changes', () => {
    const counting = counted();
    const first = run(counting, base);
    const higher = { ...base, room: { ...base.room, ceilingMm: ceilingMm + 3 } };
    expect(run(counting, higher, first.memories).parts.both).toContain(String(ceilingMm + 3));
    expect(counting.made).toEqual(['ceiling', 'both']);
    run(counting, { ...base, pieces: [...base.pieces] }, first.memories);
    expect(counting.made).toEqual(['pieces', 'both']);
    run(counting, { ...base, looks: [{ ...lookOf(base), name: 'Winter' }] }, first.memories);
    expect(counting.made).toEqual(['both']);
    expect(run(counting, base, first.memories, 'noon').parts.both).toContain('noon');
    expect(counting.made).toEqual(['both']);
  });
  it('is not taken for worked out because of what came in between', () => {
    const counting = counted();
    const first = run(counting, base);
    const other = run(counting, { ...base, pieces: [] }, first.memories);
    const back = run(counting, base, other.memories);
    expect(counting.made).toEqual(['pieces', 'both']);
    expect(back.parts.pieces).toEqual(['sofa']);
  });
  it('gets what it reads and no more', () => {
    const seen: unknown[] = [];
    const odd = part('ceiling', { file: ['pieces'], room: ['ceilingMm'], parts: ['now'] }, (input) => {
      seen.push(input);
      return 0;
    });
    new Keeper<Parts>({ file: base, look: lookOf(base) }, { now: 'noon', pieces: ['x'] }, undefined).run(odd);
    expect(seen).toEqual([{ now: 'noon', file: { pieces: base.pieces, room: { ceilingMm } }, look: {} }]);
  });
  it('gets its own earlier result, to keep of it what still holds', () => {
    const results: (string[] | undefined)[] = [];
    const pieces = part('pieces', { file: ['pieces'] }, ({ file }, previous) => {
      results.push(previous);
      return file.pieces.map((p) => p.id);
    });
    const begin = new Keeper<Parts>({ file: base, look: lookOf(base) }, {}, undefined);
    begin.run(pieces);
    const fewer = { ...base, pieces: [] };
    new Keeper<Parts>({ file: fewer, look: lookOf(fewer) }, {}, begin.memories).run(pieces);
    expect(results).toEqual([undefined, ['sofa']]);
  });
});

describe('a list that is handed on', () => {
  const counts: number[] = [];
  const length = part('length', { parts: ['list'] }, ({ list }) => {
    counts.push(list.length);
    return list.length;
  });
  const [a, b] = [{}, {}];
  const handOn = (list: readonly object[], previous?: Memories) => {
    counts.length = 0;
    const keeper = new Keeper<Parts>({ file: base, look: lookOf(base) }, {}, previous);
    keeper.setList('list', list);
    keeper.run(length);
    return keeper.memories;
  };
  it('is the same list for as long as it holds the same objects in the same order', () => {
    const first = handOn([a, b]);
    expect(counts).toEqual([2]);
    handOn([a, b], first);
    expect(counts).toEqual([]);
    handOn([b, a], first);
    expect(counts).toEqual([2]);
    handOn([a], first);
    expect(counts).toEqual([1]);
    handOn([a, {}], first);
    expect(counts).toEqual([2]);
  });
});
