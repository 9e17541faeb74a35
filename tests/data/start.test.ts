import Database from 'better-sqlite3';
import { freePort as anyFreePort } from '../helpers/server';
import { execFile, spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import net from 'node:net';
import path from 'node:path';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { DATABASE_FILE } from '../../src/data/open';
import { scratchStudio } from '../helpers/database';

const root = path.resolve(import.meta.dirname, '../..');
let studio: ReturnType<typeof scratchStudio>;
beforeEach(() => {
  studio = scratchStudio();
});
afterEach(() => studio.remove());

/** What npm start says and how it ends, where it cannot start. */
const start = (env: Record<string, string>, script = 'start') =>
  new Promise<{ code: unknown; says: string }>((resolve) => {
    execFile(
      process.execPath,
      [`scripts/${script}.mjs`],
      { cwd: root, env: { ...process.env, PORT: '0', RIDEAU_DATA: studio.folder, ...env }, timeout: 25_000 },
      (error, stdout, stderr) => resolve({ code: error?.code ?? 0, says: (stdout + stderr).trim() }),
    );
  });
const freePort = async (): Promise<string> => String(await anyFreePort());
const file = () => path.join(studio.folder, DATABASE_FILE);
const hash = () => createHash('sha256').update(readFileSync(file())).digest('hex');

test.each([
  ['99999', '“99999”'],
  ['-1', '“-1”'],
  ['three', '“three”'],
  ['80.5', '“80.5”'],
])('PORT=%s is refused with an example', async (PORT, came) => {
  expect(await start({ PORT })).toEqual({
    code: 1,
    says: `PORT is ${came}; a whole number from 1 to 65535 is expected, for example PORT=3000.`,
  });
});

test('a port that is taken is said, with the next one', async () => {
  const server = net.createServer().listen(0, '127.0.0.1');
  await new Promise((r) => server.once('listening', r));
  const { port } = server.address() as net.AddressInfo;
  for (const script of ['start', 'demo'])
    expect(await start({ PORT: String(port) }, script)).toMatchObject({
      code: 1,
      says: expect.stringContaining(`Port ${port} on 127.0.0.1 is taken`),
    });
  server.close();
});

test('an address that is not this machine’s is said', async () => {
  const PORT = await freePort();
  expect((await start({ PORT, HOST: '192.0.2.1' })).says).toBe(
    `Cannot listen on 192.0.2.1:${PORT} (EADDRNOTAVAIL). Set HOST to an address of this machine.`,
  );
});

test('a folder that cannot be written is said, also where the file system refuses new folders', async () => {
  writeFileSync(path.join(studio.folder, 'plain'), '');
  for (const folder of [path.join(studio.folder, 'plain', 'below'), '/proc/rideau']) {
    const { code, says } = await start({ PORT: await freePort(), RIDEAU_DATA: folder });
    expect([code, says]).toEqual([
      1,
      expect.stringMatching(
        /^The data folder .+ cannot be written \(E[A-Z]+\)\. Give it to this user, or name another: RIDEAU_DATA=/,
      ),
    ]);
  }
});

test('a newer, an edited, a foreign and a broken database are each said plainly and left as they are', async () => {
  const PORT = await freePort();
  const asked = async (says: string) => {
    const previous = hash();
    const got = await start({ PORT });
    expect(got.code).toBe(1);
    expect(got.says).toContain(says);
    expect(got.says).not.toMatch(/\n\s+at /);
    expect(hash()).toBe(previous);
  };
  const edit = (sql: string) => {
    const db = new Database(file());
    db.exec(sql);
    db.close();
  };
  studio.open().close();
  const known = readdirSync('src/data/migrations').length;
  edit(`INSERT INTO migration VALUES (${known + 1}, 'later.sql', 'x', 'now')`);
  await asked(
    `was written by a newer Rideau (step ${known + 1}; this one knows ${known}). It was not changed.`,
  );
  edit(`DELETE FROM migration WHERE number > ${known}; UPDATE migration SET hash = 'other' WHERE number = 1`);
  await asked('0001_studio.sql is not the step that the studio in');
  edit('DROP TABLE migration');
  await asked('is a database, but not a Rideau studio');
  writeFileSync(file(), 'no database, however long it is looked at from this side or the other');
  await asked('cannot be read (SQLITE_NOTADB)');
});

/** A studio that runs, once it says where. */
const running = async (PORT: string) => {
  const child = spawn(process.execPath, ['scripts/start.mjs'], {
    cwd: root,
    env: { ...process.env, PORT, RIDEAU_DATA: studio.folder },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  const ended = new Promise((resolve) => child.once('exit', resolve));
  await new Promise<void>((resolve, reject) => {
    let says = '';
    child.stdout.on('data', (part: Buffer) => {
      says += part.toString();
      if (says.includes('Rideau is at')) resolve();
    });
    child.once('exit', () => reject(new Error(says)));
  });
  return { child, ended };
};

test('a second server on the same studio is refused in words; once the first has ended, however, it starts', async () => {
  const first = await running(await freePort());
  expect(await start({ PORT: await freePort() })).toEqual({
    code: 1,
    says: `Another Rideau is running on the studio in ${studio.folder}. Stop that one, or name another folder: RIDEAU_DATA=/path npm start.`,
  });
  first.child.kill('SIGKILL');
  await first.ended;
  const second = await running(await freePort());
  second.child.kill('SIGTERM');
  await second.ended;
}, 90_000);
