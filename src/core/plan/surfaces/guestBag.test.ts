import { describe, expect, it } from 'vitest';
import { box, room } from '../../../../tests/helpers/findingCases/given';
import { inches, item, placement, standing } from '../../../../tests/helpers/rooms';
import type { Brief, Item, Piece, Placement } from '../../model/types';
import { planLook } from '../planLook';

const bed: Piece = { ...box('bed', [64, 100], [60, 80]), kind: 'bed' };
const top = (id: string, widthIn: number, depthIn: number): Piece =>
  box(id, [64, depthIn / 2], [widthIn, depthIn], { heightMm: inches(30) });
const thing = (id: string, [w, h, d]: readonly [number, number, number], more: Partial<Item> = {}): Item =>
  item({ id, kind: 'object', widthMm: inches(w), heightMm: inches(h), depthMm: inches(d), ...more });
const put = (itemId: string, of: string, xIn: number, more: Partial<Placement> = {}): Placement =>
  placement({ id: `x-${itemId}`, itemId, xMm: inches(xIn), ...standing(of), ...more });

type Given = {
  pieces?: Piece[];
  items?: Item[];
  placements?: Placement[];
  purpose?: Brief['purpose'];
};
const saidOf = ({ pieces = [bed], purpose = 'guests', ...given }: Given) =>
  planLook(room({ pieces, brief: { purpose }, ...given }), { lookId: 'look' })
    .findings.filter((f) => f.code === 'no-room-for-bag')
    .map((f) => f.by.on);

describe('room for a guest’s bag', () => {
  it('is asked for where guests sleep, for no other purpose and in no other room', () => {
    expect(saidOf({})).toEqual(['none']);
    expect(saidOf({ purpose: 'everyday' })).toEqual([]);
    expect(saidOf({ purpose: 'company' })).toEqual([]);
    expect(saidOf({ pieces: [top('chest', 19, 13)] })).toEqual([]);
    expect(saidOf({ pieces: [{ ...bed, kind: 'cot' }] })).toEqual(['none']);
  });
  it.each([
    [20, 14, []],
    [14, 20, []],
    [19.5, 14, ['none']],
    [20, 13.5, ['none']],
    [13.5, 20, ['none']],
    [14, 19.5, ['none']],
  ])('a top of %s by %s in', (widthIn, depthIn, said) => {
    expect(saidOf({ pieces: [bed, top('chest', widthIn, depthIn)] })).toEqual(said);
  });
  it('is at an end, in front of or behind what stands there, or between two things', () => {
    const chest = top('chest', 48, 18);
    const on = (items: Item[], placements: Placement[]) =>
      saidOf({ pieces: [bed, chest], items, placements });
    const tall = thing('a', [10, 10, 10]);
    expect(on([tall], [put('a', 'chest', 24)])).toEqual(['chest']);
    expect(on([tall], [put('a', 'chest', 26)])).toEqual([]);
    expect(on([tall], [put('a', 'chest', 22)])).toEqual([]);
    // shallow and at the back edge: 14 in are free in front of it
    const frame = thing('f', [40, 10, 4]);
    expect(on([frame], [put('f', 'chest', 24, { outMm: 0 })])).toEqual([]);
    expect(on([frame], [put('f', 'chest', 24, { outMm: inches(14) })])).toEqual([]);
    expect(on([frame], [put('f', 'chest', 24, { outMm: inches(7) })])).toEqual(['chest']);
    const ends = [thing('l', [14, 10, 18]), thing('r', [14, 10, 18])];
    expect(on(ends, [put('l', 'chest', 7), put('r', 'chest', 41)])).toEqual([]);
    expect(on(ends, [put('l', 'chest', 8), put('r', 'chest', 41)])).toEqual(['chest']);
  });
  it('is not taken up by what a tray carries, and names the top with the least on it', () => {
    const pieces = [bed, top('chest', 30, 18), { ...top('desk', 40, 18), yMm: inches(40) }];
    const items = [thing('a', [16, 5, 18]), thing('b', [30, 5, 18])];
    expect(saidOf({ pieces, items, placements: [put('a', 'chest', 15), put('b', 'desk', 20)] })).toEqual([
      'chest',
    ]);
    const tray = thing('tray', [8, 1, 8], { kind: 'tray' });
    const wide = thing('wide', [28, 5, 4]);
    const carried = put('wide', 'x-tray', 4, { spot: { of: 'x-tray', part: 'top' } });
    const given = { pieces: [bed, top('chest', 30, 18)], items: [tray, wide] };
    expect(saidOf({ ...given, placements: [put('tray', 'chest', 4), carried] })).toEqual([]);
  });
});
