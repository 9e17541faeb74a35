// Where the studio is kept and reached, and whether it can be.
import { createHash } from 'node:crypto';
import {
  accessSync,
  constants,
  existsSync,
  mkdirSync,
  readFileSync,
  readdirSync,
  writeFileSync,
} from 'node:fs';
import net from 'node:net';
import path from 'node:path';
import { Plain, root } from './base.mjs';

export function settings() {
  const port = Number(process.env.PORT ?? 3000);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Plain(
      `PORT is “${process.env.PORT}”; a whole number from 1 to 65535 is expected, for example PORT=3000.`,
    );
  return {
    port,
    host: process.env.HOST ?? '127.0.0.1',
    data: path.resolve(root, process.env.RIDEAU_DATA ?? 'data'),
  };
}

/**
 * Makes a folder step by step: asked to make the whole path at once, Node never returns where a file system
 * refuses new folders.
 */
function makeFolder(folder) {
  if (existsSync(folder)) return;
  makeFolder(path.dirname(folder));
  mkdirSync(folder);
}

export function checkFolder(folder) {
  try {
    makeFolder(folder);
    accessSync(folder, constants.R_OK | constants.W_OK);
    writeFileSync(path.join(folder, '.writable'), '');
  } catch (e) {
    throw new Plain(
      `The data folder ${folder} cannot be written (${e.code ?? e.message}). Give it to this user, or name another: RIDEAU_DATA=/path/to/folder npm start.`,
    );
  }
}

const LOOPBACK = '127.0.0.1';
/** Whether a server that listens on a host is there for its own machine too. */
const reachesItself = (host) =>
  host === '0.0.0.0' || host === '::' || host === '::1' || host === 'localhost' || host.startsWith('127.');

/** Addresses to listen on: the chosen one, and always one that only this machine reaches. */
export const listenOn = (host) => (reachesItself(host) ? [host] : [host, LOOPBACK]);

/** The name that the studio's own screen opens it under. */
export const ownName = (host) =>
  host === '0.0.0.0' || host === '::' || !reachesItself(host) ? LOOPBACK : host;

export const checkPort = async (port, host) => {
  for (const name of listenOn(host)) await isFree(port, name);
};

const isFree = (port, host) =>
  new Promise((resolve, reject) => {
    const server = net.createServer();
    server.once('error', (e) =>
      reject(
        new Plain(
          e.code === 'EADDRINUSE'
            ? `Port ${port} on ${host} is taken, perhaps by another Rideau. Stop that one, or take another: PORT=${port + 1} npm start.`
            : `Cannot listen on ${host}:${port} (${e.code}). Set HOST to an address of this machine.`,
        ),
      ),
    );
    server.listen(port, host, () => server.close(() => resolve()));
  });

/** Is the database one that this version can read? Looks without changing anything. */
export async function checkDatabase(folder) {
  const file = path.join(folder, 'rideau.sqlite');
  if (!existsSync(file)) return;
  const { default: Database } = await import('better-sqlite3');
  const steps = readdirSync(path.join(root, 'src/data/migrations'))
    .filter((f) => f.endsWith('.sql'))
    .sort();
  const way = 'It was not changed. Name another folder: RIDEAU_DATA=/path npm start.';
  let taken;
  try {
    const db = new Database(file, { readonly: true });
    const tables = db.prepare("SELECT name FROM sqlite_master WHERE type = 'table'").pluck().all();
    const ours = tables.includes('migration');
    const applied = ours ? db.prepare('SELECT number, hash FROM migration ORDER BY number').all() : null;
    taken = tables.length === 0 ? [] : applied;
    db.close();
  } catch (e) {
    throw new Plain(
      `The database ${file} cannot be read (${e.code ?? e.message}). It was not changed. Put a backup in its place, or name another folder: RIDEAU_DATA=/path npm start.`,
    );
  }
  if (taken === null) throw new Plain(`${file} is a database, but not a Rideau studio. ${way}`);
  const newest = taken.at(-1)?.number ?? 0;
  if (newest > steps.length)
    throw new Plain(
      `The studio in ${folder} was written by a newer Rideau (step ${newest}; this one knows ${steps.length}). It was not changed. Start the newer Rideau, or name another folder: RIDEAU_DATA=/path npm start.`,
    );
  const edited = taken.find(
    (t) =>
      createHash('sha256')
        .update(readFileSync(path.join(root, 'src/data/migrations', steps[t.number - 1]), 'utf8'))
        .digest('hex') !== t.hash,
  );
  if (edited)
    throw new Plain(
      `src/data/migrations/${steps[edited.number - 1]} is not the step that the studio in ${folder} was made by. Put the file back as it was. ${way}`,
    );
}

const LOCK_FILE = 'rideau.lock';
/** Kept for as long as this process lives: the system lets go of a lock however its process ends. */
const held = [];

/** Takes a data folder for this process; a second Rideau on the same one would write over the first. */
export async function holdFolder(folder) {
  const { default: Database } = await import('better-sqlite3');
  const lock = new Database(path.join(folder, LOCK_FILE), { timeout: 0 });
  try {
    lock.exec('BEGIN EXCLUSIVE');
  } catch (e) {
    lock.close();
    if (e.code !== 'SQLITE_BUSY') throw e;
    throw new Plain(
      `Another Rideau is running on the studio in ${folder}. Stop that one, or name another folder: RIDEAU_DATA=/path npm start.`,
    );
  }
  held.push(lock);
}
