/** The server is killed in the middle of writing: what it said was written is there, and nothing is there by half. */
import { expect, test } from 'vitest';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import Database from 'better-sqlite3';
import { seededRandom } from '../../src/core/base/random';
import { mapItemIds } from '../../src/core/model/nouns';
import type { RoomFile, StudioFile } from '../../src/core/model/types';
import { demoRoom } from '../helpers/rooms';
import { freePort, serve } from '../helpers/server';

const KILLS = 40;
const AT_ONCE = 4;
/** The longest that the server writes before it is killed. */
const WRITES_MS = 260;
const SEED = 40;

/** A copy of a room under an id of its own, with its own things. */
function roomOf(name: string): string {
  const file = demoRoom('landing');
  const own = mapItemIds(file, (id) => `${id}-${name}`);
  return JSON.stringify({ ...own, room: { ...own.room, id: name, name } });
}

/** The room is as it was sent. Its file also speaks of inserts of other rooms, and not of things that are not used. */
function expectWhole({ items, ...file }: RoomFile, { items: sentItems, ...sent }: RoomFile): void {
  expect(file).toEqual(sent);
  for (const item of items)
    if (!['insert', 'casing'].includes(item.kind))
      expect(sentItems.find(({ id }) => id === item.id)).toEqual(item);
  const text = JSON.stringify(file);
  const used = sentItems.filter(({ id }) => text.includes(`"${id}"`)).map(({ id }) => id);
  expect(items.map(({ id }) => id)).toEqual(expect.arrayContaining(used));
}

test('forty kills lose nothing that was answered, and leave no half', async () => {
  const folder = mkdtempSync(path.join(tmpdir(), 'rideau-kills-'));
  const random = seededRandom(SEED);
  const answered = new Map<string, string>();
  const sent = new Map<string, string>();
  try {
    for (let kill = 0; kill < KILLS; kill++) {
      const server = await serve({ port: await freePort(), host: '127.0.0.1', data: folder });
      const there = (await (await fetch(`${server.address}/api/studio/backup`)).json()) as StudioFile;
      const ids = there.rooms.map(({ room }) => room.id);
      for (const id of answered.keys()) expect(ids, `after ${kill} kills`).toContain(id);
      for (const id of ids) {
        const answer = await fetch(`${server.address}/api/rooms/${id}/file`);
        expectWhole((await answer.json()) as RoomFile, JSON.parse(sent.get(id)!) as RoomFile);
      }
      // an empty studio again now and then: what is looked through after each kill stays short
      if (ids.length > 12) {
        const empty = JSON.stringify({ ...there, rooms: [], items: [], homes: [], places: [], rules: [] });
        await fetch(`${server.address}/api/studio/restore`, { method: 'POST', body: empty });
        answered.clear();
      }
      // the first request fetches what it needs from the disk; from then on writing is quick
      const first = roomOf(`k${kill}-first`);
      sent.set(`k${kill}-first`, first);
      const begun = await fetch(`${server.address}/api/rooms`, { method: 'POST', body: first });
      expect(begun.status).toBe(201);
      answered.set(`k${kill}-first`, first);
      let isUp = true;
      const write = async (lane: number) => {
        for (let n = 0; isUp; n++) {
          const id = `k${kill}-${lane}-${n}`;
          const body = roomOf(id);
          sent.set(id, body);
          const answer = await fetch(`${server.address}/api/rooms`, { method: 'POST', body }).catch(
            () => null,
          );
          if (answer?.status === 201) answered.set(id, body);
        }
      };
      const lanes = Array.from({ length: AT_ONCE }, (_, lane) => write(lane));
      await new Promise((later) => setTimeout(later, random() * WRITES_MS));
      server.child.kill('SIGKILL');
      isUp = false;
      await server.ended;
      await Promise.all(lanes);
      const db = new Database(path.join(folder, 'rideau.sqlite'));
      expect(db.pragma('integrity_check', { simple: true })).toBe('ok');
      expect(db.pragma('foreign_key_check')).toEqual([]);
      db.close();
    }
    expect(answered.size).toBeGreaterThan(1);
    expect(sent.size).toBeGreaterThan(KILLS * 2);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}, 600_000);
