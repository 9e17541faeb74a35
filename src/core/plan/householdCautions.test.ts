import { describe, expect, test } from 'vitest';
import {
  bareRoom,
  fittingOf,
  hanging,
  inches,
  inchRules,
  item,
  opening,
  piece,
} from '../../../tests/helpers/rooms';
import { FLAGS } from '../model/defaults';
import type { Item, Piece, RoomFile } from '../model/types';
import { childReach, youngestOf } from './householdCautions';
import { planLook } from './planLook';

const rules = inchRules();
const ages = (...childrenAges: number[]) => ({ ...FLAGS, childrenAges });

/** A room with these things, for a household with children of these ages. */
function room(more: Partial<RoomFile>, childrenAges: number[], art: Partial<Item> | null = null): RoomFile {
  const base = bareRoom();
  const hangings = art ? [hanging({ xMm: inches(84) })] : [];
  return {
    ...base,
    items: art ? [item({ kind: 'art', widthMm: inches(20), heightMm: inches(16), ...art })] : [],
    ...more,
    home: { ...base.home, flags: ages(...childrenAges) },
    looks: [{ ...base.looks[0]!, hangings }],
  };
}
const codes = (file: RoomFile) => planLook(file, { lookId: 'look' }).findings.map((f) => f.code);
const standing = (kind: Piece['kind'], heightIn: number, more: Partial<Piece> = {}) =>
  piece({ kind, seat: null, heightMm: inches(heightIn), widthMm: inches(36), depthMm: inches(14), ...more });

describe('the youngest of a household', () => {
  test('is the least of the ages, and older than any where there are no children', () => {
    expect(youngestOf(ages(9, 2, 5))).toBe(2);
    expect(youngestOf(ages(0))).toBe(0);
    expect(youngestOf(ages())).toBe(Infinity);
  });
  test('reaches so high under two, higher under three, and from then on everything', () => {
    expect(childReach(ages(1), rules)).toEqual({ mm: inches(30), rule: 'safety.reachUnderTwo' });
    expect(childReach(ages(2), rules)).toEqual({ mm: inches(40), rule: 'safety.reachUnderThree' });
    expect(childReach(ages(3), rules)).toBeNull();
    expect(childReach(ages(), rules)).toBeNull();
    expect(childReach(ages(8, 1), rules)?.rule).toBe('safety.reachUnderTwo');
  });
});

describe('what a child could pull over', () => {
  test.each([
    [26.9, [3], false],
    [27, [3], true],
    [60, [6], true],
    [60, [7], false],
    [60, [], false],
  ])('a bookcase %s in high, children of %j: told is %s', (heightIn, children, told) => {
    const file = room({ pieces: [standing('bookcase', heightIn)] }, children);
    expect(codes(file).includes('can-tip')).toBe(told);
  });
  test('a screen tips however low it is; a sofa and a rug do not', () => {
    const tv = fittingOf({ kind: 'tv', bottomMm: inches(10), heightMm: inches(20) });
    expect(codes(room({ fittings: [tv] }, [4]))).toContain('can-tip');
    expect(codes(room({ pieces: [piece({ heightMm: inches(40) })] }, [4]))).not.toContain('can-tip');
    expect(codes(room({}, [4]))).not.toContain('can-tip');
  });
});

describe('beds by windows', () => {
  // glass from 60 to 108 in on the north wall; a cot 30 in deep whose edge is at some distance
  const window = opening({ xMm: inches(60), widthMm: inches(48) });
  const cotAt = (farIn: number, kind: Piece['kind'] = 'cot') =>
    standing(kind, 36, {
      widthMm: inches(50),
      depthMm: inches(30),
      xMm: inches(84),
      yMm: inches(farIn + 15),
    });
  const told = (farIn: number, more: Partial<RoomFile> = {}, kind: Piece['kind'] = 'cot') =>
    codes(room({ openings: [window], pieces: [cotAt(farIn, kind)], ...more }, [1])).includes('bed-by-window');
  test('a cot nearer than the rule is reported, at it no more', () => {
    expect(told(23.9)).toBe(true);
    expect(told(24)).toBe(false);
  });
  test('a bed only in a child’s room', () => {
    const base = bareRoom();
    expect(told(10, {}, 'bed')).toBe(false);
    expect(told(10, { room: { ...base.room, childsRoom: true } }, 'bed')).toBe(true);
    expect(told(10, { room: { ...base.room, childsRoom: true } }, 'chest')).toBe(false);
  });
  test('by a solid door nothing is reported, by a glazed one it is', () => {
    const door = { ...window, kind: 'door' as const, sillMm: 0 };
    expect(told(10, { openings: [door] })).toBe(false);
    expect(told(10, { openings: [{ ...door, kind: 'frenchDoor' as const }] })).toBe(true);
  });
});

describe('over a cot', () => {
  const cot = (xIn: number) =>
    standing('cot', 36, { widthMm: inches(50), depthMm: inches(28), xMm: inches(xIn), yMm: inches(15) });
  const told = (art: Partial<Item>, xIn = 84, more: Partial<RoomFile> = {}) =>
    codes(room({ pieces: [cot(xIn)], ...more }, [], art)).includes('glazed-over-cot');
  test('no glass, and nothing heavy', () => {
    expect(told({ glazed: true, massG: 500 })).toBe(true);
    expect(told({ glazed: false, massG: 9000 })).toBe(true);
    expect(told({ glazed: false, massG: 8999 })).toBe(false);
  });
  test('only as far as it hangs over it, and on its wall', () => {
    // the picture is 20 in wide at 84: from 74 to 94; the cot is 50 wide
    expect(told({ glazed: true }, 120)).toBe(false);
    expect(told({ glazed: true }, 118)).toBe(true);
    expect(told({ glazed: true }, 50)).toBe(true);
    expect(told({ glazed: true }, 48)).toBe(false);
  });
  test('a bed is no cot', () => {
    const bed = { ...cot(84), kind: 'bed' as const };
    expect(told({ glazed: true }, 84, { pieces: [bed] })).toBe(false);
  });
});
