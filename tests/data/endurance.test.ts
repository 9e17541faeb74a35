/** Many cases of the same kind, drawn at random. A tenth of them runs each time; ENDURANCE=1 runs them all. */
import { expect, test } from 'vitest';
import fc from 'fast-check';
import type { Change } from '../../src/core/model/change';
import type { RoomFile } from '../../src/core/model/types';
import { planLook } from '../../src/core/plan/planLook';
import { seededRandom } from '../../src/core/base/random';
import { anyChange } from '../helpers/anyChange';
import { ownStudio } from '../helpers/ownStudio';
import { restoreStudio } from '../helpers/restore';
import { demoRoom, demoStudio } from '../helpers/rooms';

ownStudio('endurance');
const rooms = await import('../../src/server/rooms');
const { importRoomBody } = await import('../../src/server/importRoom');
const { backupStudio } = await import('../../src/server/studioFile');

const isWhole = process.env.ENDURANCE === '1';
const MUTATED_FILES = isWhole ? 2000 : 200;
const UNDO_SEQUENCES = isWhole ? 300 : 30;
const LONG_MS = isWhole ? 1_800_000 : 300_000;
const SEED = 20261128;
const ROOM = 'long-room';
const ROOMS = ['long-room', 'harbour-bedroom', 'landing', 'lookout'];

/** What stands in the place of a value: of another sort, empty, endless, or long. */
const ODD = [
  'null',
  '-1',
  '0',
  '1e308',
  '1e-320',
  '""',
  '"\\u0000"',
  '"\\ud800"',
  '"=1+1"',
  '[]',
  '{}',
  'true',
  '"long-room"',
  `"${'x'.repeat(3000)}"`,
  '99999999999999999999',
];

/** A text that no file holds. */
const MARK = '\ufffcodd';

type Draw = (below: number) => number;

/** Every value of a file, as the way to it. */
function placesIn(value: unknown, way: (string | number)[] = []): (string | number)[][] {
  if (typeof value !== 'object' || value === null) return [way];
  const inner = Object.entries(value).flatMap(([key, v]) =>
    placesIn(v, [...way, Array.isArray(value) ? Number(key) : key]),
  );
  return way.length > 0 ? [way, ...inner] : inner;
}

const valueAt = (file: unknown, way: readonly (string | number)[]): unknown =>
  way.reduce((at, key) => (at as Record<string | number, unknown>)[key], file);

/** Other values of the same sort as one, from elsewhere in the file. */
const likeIt = (file: RoomFile, places: (string | number)[][], value: unknown): unknown[] =>
  places.map((way) => valueAt(file, way)).filter((other) => typeof other === typeof value);

const otherThan = (value: unknown): unknown => (value === null ? '' : null);

const HURTS = ['byte', 'cut', 'left out', 'twice', 'another', 'odd', 'number', 'like', 'like'] as const;
/** How a number is put off. */
const OFF = [-1, 0.1, 1.001, 2, 10];

/** A file with one thing wrong: a byte, a length, a field left out, said twice, of another sort or with another value. */
function mutated(file: RoomFile, draw: Draw): string {
  const text = JSON.stringify(file);
  const hurt = HURTS[draw(HURTS.length)]!;
  if (hurt === 'byte') {
    const at = draw(text.length);
    return text.slice(0, at) + String.fromCharCode(32 + draw(95)) + text.slice(at + 1);
  }
  if (hurt === 'cut') return text.slice(0, draw(text.length));
  const places = placesIn(file);
  const numbers = places.filter((way) => typeof valueAt(file, way) === 'number');
  const from = hurt === 'number' ? numbers : places;
  const way = from[draw(from.length)]!;
  const value = valueAt(file, way);
  const copy = structuredClone(file);
  const parent = valueAt(copy, way.slice(0, -1)) as Record<string | number, unknown>;
  const last = way.at(-1)!;
  if (hurt === 'left out' && Array.isArray(parent)) parent.splice(Number(last), 1);
  else if (hurt === 'left out') delete parent[last];
  else if (hurt === 'twice' && Array.isArray(parent)) parent.push(structuredClone(value));
  else if (hurt === 'number') parent[last] = (value as number) * OFF[draw(OFF.length)]!;
  else if (hurt === 'like' || hurt === 'another') {
    const others = likeIt(file, places, hurt === 'like' ? value : otherThan(value));
    parent[last] = structuredClone(others[draw(others.length)]);
  } else {
    parent[last] = MARK;
    return JSON.stringify(copy).replace(JSON.stringify(MARK), ODD[draw(ODD.length)]!);
  }
  return JSON.stringify(copy);
}

const read = (body: string) =>
  importRoomBody(new Request('http://localhost/', { method: 'POST', body }), 64 * 1024 * 1024);

/** No number anywhere in it is endless or none. */
const isFinitePlan = (plan: unknown): boolean =>
  !JSON.stringify(plan, (_key, value: unknown) =>
    typeof value === 'number' && !Number.isFinite(value) ? MARK : value,
  ).includes(MARK);

test(
  'a damaged room file is refused with where and why and changes nothing, or comes in whole',
  async () => {
    const random = seededRandom(SEED);
    const draw: Draw = (below) => Math.floor(random() * below);
    let [taken, refused] = [0, 0];
    for (let n = 0; n < MUTATED_FILES; n++) {
      if (n % 50 === 0) await restoreStudio({ ...demoStudio(), rooms: [] });
      const before = JSON.stringify(backupStudio());
      const body = mutated(demoRoom(ROOMS[draw(ROOMS.length)]!), draw);
      const answer = await read(body);
      if (!answer.ok) {
        refused++;
        for (const issue of answer.issues) {
          expect(issue.code, body.slice(0, 200)).toMatch(/^[a-z0-9-]+$/);
          expect(issue.message.length).toBeGreaterThan(0);
        }
        expect(JSON.stringify(backupStudio())).toBe(before);
        continue;
      }
      taken++;
      const { id } = answer.value;
      const file = rooms.exportRoom(id)!;
      for (const look of file.looks) expect(isFinitePlan(planLook(file, { lookId: look.id }))).toBe(true);
      // what came in, goes out and comes in again
      const again = await read(JSON.stringify(file));
      expect(again, JSON.stringify(again)).toMatchObject({ ok: true });
      if (again.ok) rooms.removeRoom(again.value.id);
      rooms.removeRoom(id);
    }
    expect(taken).toBeGreaterThan(MUTATED_FILES / 20);
    expect(refused).toBeGreaterThan(MUTATED_FILES / 4);
  },
  LONG_MS,
);

const fileNow = (): RoomFile => rooms.exportRoom(ROOM)!;
/** A change of the room as the server carries it out; false where it is refused, or changes nothing. */
function change(one: Change): boolean {
  const before = JSON.stringify(fileNow());
  const { revision } = rooms.roomState(ROOM);
  return rooms.changeRoom(ROOM, revision, [one]).ok && JSON.stringify(fileNow()) !== before;
}

/** Rows taken away, with what hangs on them. */
const removals = (file: RoomFile): Change[] => [
  ...file.openings.map(({ id }): Change => ({ do: 'removeOpening', id })),
  ...file.pieces.map(({ id }): Change => ({ do: 'removePiece', id })),
  ...file.fittings.map(({ id }): Change => ({ do: 'removeFitting', id })),
  ...file.looks.slice(1).map(({ id }): Change => ({ do: 'removeLook', id })),
];

test(
  'undo and redo at random lead to what was there at each step',
  async () => {
    await restoreStudio(demoStudio());
    let steps = 0;
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.oneof(anyChange(fileNow()), fc.constantFrom(...removals(fileNow()))), {
          minLength: 3,
          maxLength: 7,
        }),
        fc.array(fc.constantFrom('undo' as const, 'redo' as const, 'undo' as const), {
          minLength: 6,
          maxLength: 20,
        }),
        async (changes, walk) => {
          await restoreStudio(demoStudio());
          const states = [fileNow()];
          for (const one of changes) if (change(one)) states.push(fileNow());
          let at = states.length - 1;
          for (const way of walk) {
            const to = at + (way === 'undo' ? -1 : 1);
            const answer = rooms.replayRoom(ROOM, way);
            expect(answer.ok).toBe(to >= 0 && to < states.length);
            if (!answer.ok) continue;
            at = to;
            steps++;
            expect(fileNow()).toEqual(states[at]);
          }
        },
      ),
      { numRuns: UNDO_SEQUENCES, seed: SEED, endOnFailure: true },
    );
    expect(steps).toBeGreaterThan(UNDO_SEQUENCES * 2);
  },
  LONG_MS,
);
