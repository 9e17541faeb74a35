/** What is printed is made on threads of its own: the studio answers everything else meanwhile. */
import { afterAll, beforeAll, expect, test } from 'vitest';
import type { RoomFile } from '../../src/core/model/types';
import { art } from '../helpers/grouped';
import { LIMITS } from '../../src/core/model/limits';
import { bareRoom, hanging, inches, piece } from '../helpers/rooms';
import { scratchStudio } from '../helpers/database';
import { freePort, serve, type Server } from '../helpers/server';

let studio: ReturnType<typeof scratchStudio>;
let server: Server;

/** A room with a mirror of a size, as wide as its wall is long. */
function roomWithPiece(id: string, widthIn: number, heightIn: number): RoomFile {
  const base = bareRoom(inches(400), inches(200), inches(160));
  return {
    ...base,
    home: { ...base.home, id: 'hall' },
    room: { ...base.room, id },
    items: [art(`piece-${id}`, widthIn, heightIn)],
    looks: [{ ...base.looks[0]!, hangings: [hanging({ id: 'h', itemId: `piece-${id}` })] }],
  };
}
/** A room with as much on its walls and floor as there may be: its plan takes a while. */
function crowdedRoom(): RoomFile {
  const base = bareRoom(inches(1200), inches(1200), inches(160));
  const count = LIMITS.look.hangings;
  return {
    ...base,
    home: { ...base.home, id: 'hall' },
    room: { ...base.room, id: 'crowded' },
    items: [{ ...art('small', 4, 4), count }],
    pieces: Array.from({ length: 200 }, (_, i) =>
      piece({
        id: `p${i}`,
        xMm: inches(20 + 50 * (i % 20)),
        yMm: inches(20 + 50 * Math.floor(i / 20)),
        widthMm: inches(30),
        depthMm: inches(30),
        seat: null,
      }),
    ),
    looks: [
      {
        ...base.looks[0]!,
        hangings: Array.from({ length: count }, (_, i) =>
          hanging({ id: `h${i}`, itemId: 'small', xMm: inches(3 + 3.9 * i), centreMm: inches(60) }),
        ),
      },
    ],
  };
}
const take = async (file: RoomFile) => {
  const answer = await fetch(`${server.address}/api/rooms`, { method: 'POST', body: JSON.stringify(file) });
  expect(answer.status, await answer.text()).toBe(201);
};
const get = (where: string, signal?: AbortSignal) =>
  fetch(`${server.address}${where}`, signal ? { signal } : {});

beforeAll(async () => {
  studio = scratchStudio();
  server = await serve({ port: await freePort(), host: '127.0.0.1', data: studio.folder });
  await take(roomWithPiece('large', 130, 90));
  await take(roomWithPiece('vast', 380, 150));
  await take(crowdedRoom());
});
afterAll(async () => {
  await server.stop();
  studio.remove();
});

test('the studio answers while sheets are made, more of them than are made at a time', async () => {
  const done: string[] = [];
  const sheets = ['a4', 'letter', 'a4', 'letter'].map(async (paper) => {
    const answer = await get(`/api/rooms/crowded/sheet.pdf?paper=${paper}`);
    expect(answer.status).toBe(200);
    expect(
      Buffer.from(await answer.arrayBuffer())
        .subarray(0, 5)
        .toString(),
    ).toBe('%PDF-');
    done.push('sheet');
  });
  for (let i = 0; i < 5; i++) {
    expect((await get('/api/stash/index')).status).toBe(200);
    expect((await get('/api/rooms/large/file')).status).toBe(200);
    done.push('answer');
  }
  await Promise.all(sheets);
  expect(done).toEqual([...Array.from({ length: 5 }, () => 'answer'), 'sheet', 'sheet', 'sheet', 'sheet']);
}, 300_000);

test('one that nobody waits for makes room for the next', async () => {
  const leaving = new AbortController();
  const left = Array.from({ length: 6 }, () =>
    get('/api/rooms/crowded/sheet.pdf', leaving.signal).catch((e: unknown) => (e as Error).name),
  );
  await get('/api/stash/index');
  leaving.abort();
  expect(new Set(await Promise.all(left))).toEqual(new Set(['AbortError']));
  expect((await get('/api/rooms/large/plan')).status).toBe(200);
});

test('a template of more pages than anybody lays together is refused with their number; its strips are made', async () => {
  const refused = await get('/api/rooms/vast/template.pdf?hanging=h');
  expect(refused.status).toBe(422);
  expect(await refused.json()).toMatchObject({
    issues: [{ code: 'too-many-pages', message: expect.stringMatching(/would take \d{3} pages/) }],
  });
  expect((await get('/api/rooms/vast/template.pdf?hanging=h&kind=strips')).status).toBe(200);
});

test('no such room, look or piece', async () => {
  const codes = await Promise.all(
    [
      '/api/rooms/none/sheet.pdf',
      '/api/rooms/large/sheet.pdf?look=none',
      '/api/rooms/large/template.pdf?hanging=none',
      '/api/rooms/large/wall.svg?wall=none',
      '/api/rooms/large/plan?look=none',
    ].map(async (where) => {
      const answer = await get(where);
      const { issues } = (await answer.json()) as { issues: { code: string }[] };
      return [answer.status, issues[0]!.code];
    }),
  );
  expect(codes).toEqual([
    [404, 'not-found'],
    [404, 'not-found'],
    [404, 'not-found'],
    [404, 'not-found'],
    [404, 'no-such-look'],
  ]);
});
