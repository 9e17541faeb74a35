import { describe, expect, it } from 'vitest';
import { bareRoom, inches, item, onSeat, piece, placement, toIn } from '../../../tests/helpers/rooms';
import { applyChange, type Change } from '../model/change';
import { BRIEF, BROUGHT } from '../model/defaults';
import type { Item, Look, RoomFile } from '../model/types';
import { planLook } from '../plan/planLook';
import { arrangePieces, inLook, pieceOf } from './arrange';

const sofa = piece({ id: 'sofa', name: 'Sofa', xMm: inches(84), yMm: inches(20) });
const rug: Item = item({
  id: 'rug',
  kind: 'rug',
  name: 'Striped rug',
  widthMm: inches(96),
  heightMm: inches(60),
  depthMm: 0,
});
const chair: Item = item({
  id: 'chair',
  kind: 'chair',
  name: 'Cane chair',
  widthMm: inches(30),
  heightMm: inches(32),
  depthMm: inches(30),
});
const at = { xMm: inches(84), yMm: inches(70), turnDeg: 90 };
const base = bareRoom(inches(168), inches(144));
const [look] = base.looks as [Look];
const fileWith = (changes: Partial<Look>): RoomFile => ({
  ...base,
  pieces: [sofa],
  items: [rug, chair],
  looks: [look, { ...look, id: 'summer', ...changes }],
});
const piecesIn = (file: RoomFile, lookId: string) =>
  inLook(
    file,
    file.looks.find((l) => l.id === lookId)!,
  ).pieces.map((p) => p.id);

describe('the furniture of a look', () => {
  it('is the room’s own list while the look leaves it as it is', () => {
    const pieces = [sofa];
    expect(arrangePieces({ pieces, items: [rug], look })).toBe(pieces);
  });
  it('has what the look moves in its place, without what it takes out, with what it brings in', () => {
    const moved = fileWith({ moved: [{ id: 'sofa', isOut: false, ...at }] });
    expect(inLook(moved, moved.looks[1]!).pieces).toEqual([{ ...sofa, ...at }]);
    expect(inLook(moved, moved.looks[0]!)).toBe(moved);
    const out = fileWith({
      moved: [{ id: 'sofa', isOut: true, ...at }],
      brought: [{ id: 'b', itemId: 'rug', ...BROUGHT, ...at }],
    });
    expect(piecesIn(out, 'summer')).toEqual(['b']);
    expect(piecesIn(out, 'look')).toEqual(['sofa']);
  });
  it('of things of the stash has their size: a rug lies, a chair has a seat inside its arms', () => {
    const lies = pieceOf(rug, { id: 'b', ...at })!;
    expect([lies.kind, toIn(lies.widthMm), toIn(lies.depthMm), toIn(lies.heightMm)]).toEqual([
      'rug',
      96,
      60,
      0.5,
    ]);
    const stands = pieceOf(chair, { id: 'c', ...at })!;
    expect(stands.seat).toMatchObject({ seats: 1, wantedSitters: 0 });
    expect([toIn(stands.seat!.widthMm), toIn(stands.seat!.heightMm)]).toEqual([21, 18]);
    expect(pieceOf(item({ kind: 'vase' }), { id: 'v', ...at })).toBeNull();
  });
  it('a bench seats as many as have 22 in of it, and no seat is higher than its piece', () => {
    const bench = (widthIn: number, heightIn: number) =>
      pieceOf(
        item({ kind: 'bench', widthMm: inches(widthIn), heightMm: inches(heightIn), depthMm: inches(15) }),
        { id: 'b', ...at },
      )!.seat!;
    expect([43, 44, 66].map((w) => bench(w, 18).seats)).toEqual([1, 2, 3]);
    expect(toIn(bench(44, 12).heightMm)).toBe(12);
  });
  it('keeps the objects of pieces that are as they were', () => {
    const given = { pieces: [sofa], items: [rug, chair] };
    const brought = [{ id: 'b', itemId: 'rug', ...BROUGHT, ...at }];
    const first = arrangePieces({ ...given, look: { moved: [], brought, cushionsOut: [] } });
    const again = arrangePieces(
      { ...given, items: [...given.items], look: { moved: [], brought, cushionsOut: [] } },
      first,
    );
    expect(again).toBe(first);
    const second = [...brought, { id: 'c', itemId: 'chair', ...BROUGHT, ...at }];
    const more = arrangePieces({ ...given, look: { moved: [], brought: second, cushionsOut: [] } }, first);
    expect(more[1]).toBe(first[1]);
    expect(more).toHaveLength(3);
  });
});

describe('a look with an arrangement of its own', () => {
  it('is planned with it, and the others are not', () => {
    const file = fileWith({
      moved: [{ id: 'sofa', isOut: false, ...at }],
      brought: [{ id: 'c', itemId: 'chair', ...BROUGHT, xMm: inches(30), yMm: inches(100), turnDeg: 0 }],
    });
    const [asMeasured, summer] = file.looks.map((l) => planLook(file, { lookId: l.id }));
    expect([...summer!.places.keys()]).toEqual(['sofa', 'c']);
    expect([...asMeasured!.places.keys()]).toEqual(['sofa']);
    expect(summer!.places.get('sofa')).not.toEqual(asMeasured!.places.get('sofa'));
    expect(summer!.seats.map((s) => s.pieceId)).toEqual(['sofa', 'c']);
    expect(summer!.sheet.steps.slice(0, 2).map((s) => [s.kind, s.name, s.floor?.act])).toEqual([
      ['floor', 'Sofa', 'moved'],
      ['floor', 'Cane chair', 'in'],
    ]);
  });
  it('has pillows on a chair that it brings in; they go with the chair and come back with undo', () => {
    const cover = item({ id: 'cover', kind: 'cover' });
    const file = fileWith({
      brought: [{ id: 'c', itemId: 'chair', ...BROUGHT, ...at }],
      placements: [placement({ id: 'p', itemId: 'cover', ...onSeat('c') })],
    });
    const dressed = { ...file, items: [...file.items, cover] };
    expect(planLook(dressed, { lookId: 'summer' }).placed.map((t) => t.on.id)).toEqual(['c']);
    const remove: Change = { do: 'removeBrought', lookId: 'summer', id: 'c' };
    const without = applyChange(dressed, remove);
    expect(without.looks[1]!.placements).toEqual([]);
    expect(without.looks[1]!.brought).toEqual([]);
  });
  it('keeps what stood on a piece that it takes out, and reports it', () => {
    const cover = item({ id: 'cover', kind: 'cover' });
    const file = fileWith({
      moved: [{ id: 'sofa', isOut: true, ...at }],
      placements: [placement({ id: 'p', itemId: 'cover', ...onSeat('sofa') })],
    });
    const plan = planLook({ ...file, items: [cover] }, { lookId: 'summer' });
    expect(plan.placed).toEqual([]);
    expect(plan.findings.map((f) => f.code)).toContain('spot-gone');
    expect(plan.sheet.steps.map((s) => s.floor?.act)).toContain('out');
  });
  it('counts a thing that stands on the floor and on a top as two', () => {
    const plant = item({ id: 'fern', kind: 'plant', count: 1, widthMm: 200, heightMm: 300, depthMm: 200 });
    const file = {
      ...fileWith({
        brought: [{ id: 'f', itemId: 'fern', ...BROUGHT, ...at }],
        placements: [placement({ id: 'p', itemId: 'fern', ...onSeat('sofa'), lie: 'standing' })],
      }),
      items: [plant],
    };
    const { findings, sheet } = planLook(file, { lookId: 'summer' });
    expect(findings.find((f) => f.code === 'item-in-two-places')?.by).toMatchObject({ need: 2, have: 1 });
    expect(sheet.buy.filter((line) => line.name === plant.name).map((line) => line.count)).toEqual([1]);
  });
});

describe('children who visit', () => {
  it('count on the days of the look as those who live there', () => {
    const file = fileWith({ brief: { ...BRIEF, visitorAges: [2] } });
    const lived = { ...file, home: { ...file.home, flags: { ...file.home.flags, childrenAges: [9] } } };
    expect(inLook(lived, lived.looks[1]!).home.flags.childrenAges).toEqual([9, 2]);
    expect(inLook(lived, lived.looks[0]!)).toBe(lived);
  });
});
