// What the two commands share. Only Node's own modules: npm runs this before node_modules exists.
import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import {
  accessSync,
  constants,
  existsSync,
  mkdirSync,
  readFileSync,
  readdirSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import net from 'node:net';
import { networkInterfaces } from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..');
const stamps = path.join(root, '.rideau');
export const say = (text) => process.stdout.write(`${text}\n`);

/** Something the person can put right: said plainly, without a stack. */
export class Plain extends Error {}

const stampOf = (name) => {
  try {
    return readFileSync(path.join(stamps, name), 'utf8');
  } catch {
    return '';
  }
};
const stamp = (name, value) => {
  mkdirSync(stamps, { recursive: true });
  writeFileSync(path.join(stamps, name), value);
};

function hashOf(files) {
  const hash = createHash('sha256');
  for (const file of files) {
    const full = path.join(root, file);
    if (!existsSync(full)) continue;
    if (statSync(full).isDirectory())
      for (const f of readdirSync(full, { recursive: true }).map(String).sort()) {
        const p = path.join(full, f);
        if (statSync(p).isFile() && !/\.test\.tsx?$/.test(f)) hash.update(f).update(readFileSync(p));
      }
    else hash.update(file).update(readFileSync(full));
  }
  return hash.digest('hex');
}

/**
 * Runs a command; lines go through `line` (or straight out), a failure is an Error with the last of what was
 * printed.
 */
export function run(command, args, { env = {}, quiet = false, line } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, {
      cwd: root,
      env: { ...process.env, ...env },
      stdio: ['ignore', quiet || line ? 'pipe' : 'inherit', quiet || line ? 'pipe' : 'inherit'],
    });
    let out = '';
    for (const stream of [child.stdout, child.stderr])
      stream?.on('data', (d) => {
        out += d;
        if (line) for (const l of String(d).split('\n')) if (l.trim()) line(l);
      });
    child.on('error', reject);
    child.on('exit', (code, signal) =>
      code === 0
        ? resolve(out)
        : reject(
            Object.assign(new Error(`${command} ${args.join(' ')} ended with ${code ?? signal}`), {
              out,
              code,
            }),
          ),
    );
  });
}

/** Says every few seconds that something is still going on. */
async function withProgress(doing, says, work) {
  const began = Date.now();
  say(`${doing} ${says} …`);
  const timer = setInterval(
    () => say(`  still ${doing.toLowerCase()}, ${Math.round((Date.now() - began) / 1000)} s`),
    10_000,
  );
  try {
    return await work();
  } finally {
    clearInterval(timer);
  }
}

export async function ensureInstalled() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 9))
    throw new Plain(`Rideau needs Node 20.9 or newer; this is ${process.versions.node}.`);
  const wanted = hashOf(['package-lock.json', 'package.json']);
  if (stampOf('installed') === wanted && existsSync(path.join(root, 'node_modules/next'))) return;
  await withProgress(
    'Installing',
    'what Rideau needs (about three minutes the first time; one part is compiled here)',
    () =>
      run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
        quiet: true,
        env: { CFLAGS: '-O1', CXXFLAGS: '-O1' },
      }).catch((e) => {
        const tools = ['python3', 'make', 'g++'].filter(
          (t) => !process.env.PATH.split(':').some((p) => existsSync(path.join(p, t))),
        );
        throw new Plain(
          `Installing failed.${tools.length ? ` Missing on this machine: ${tools.join(', ')}; on Debian: apt-get install python3 make g++.` : ''}\n${String(
            e.out ?? e.message,
          )
            .split('\n')
            .slice(-15)
            .join('\n')}`,
        );
      }),
  );
  stamp('installed', wanted);
}

const SOURCES = ['src', 'demo', 'next.config.ts', 'postcss.config.mjs', 'tsconfig.json', 'package-lock.json'];
export async function ensureBuilt() {
  const wanted = hashOf(SOURCES);
  if (stampOf('built') === wanted && existsSync(path.join(root, '.next/BUILD_ID'))) return;
  await withProgress('Building', '(about a minute)', () =>
    run(process.execPath, ['node_modules/next/dist/bin/next', 'build'], {
      quiet: true,
      env: { NEXT_TELEMETRY_DISABLED: '1', NODE_ENV: 'production' },
    }).catch((e) => {
      throw new Plain(
        `The build failed.\n${String(e.out ?? e.message)
          .split('\n')
          .slice(-40)
          .join('\n')}`,
      );
    }),
  );
  stamp('built', wanted);
}

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

export const checkPort = (port, host) =>
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
    const steps_ = ours ? db.prepare('SELECT number, hash FROM migration ORDER BY number').all() : null;
    taken = tables.length === 0 ? [] : steps_;
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

/** Addresses of this machine that others on the network reach it under, when it listens on all. */
const ownAddresses = (host) =>
  host === '0.0.0.0'
    ? Object.values(networkInterfaces())
        .flat()
        .filter((a) => a.family === 'IPv4' && !a.internal)
        .map((a) => a.address)
    : [];

/**
 * Starts the server and waits until it answers. Its input stays open as long as this script lives: when that
 * closes, the server ends too.
 */
export async function serve({ port, host, data }, { quiet = false } = {}) {
  // a page makes much that is thrown away at once: a larger nursery takes a tenth off the slowest answers
  const child = spawn(
    process.execPath,
    ['--max-semi-space-size=64', 'node_modules/next/dist/bin/next', 'start', '-p', String(port), '-H', host],
    {
      cwd: root,
      env: {
        ...process.env,
        PORT: String(port),
        HOST: host,
        RIDEAU_DATA: data,
        RIDEAU_HOSTS: [...ownAddresses(host), process.env.RIDEAU_HOSTS ?? ''].filter(Boolean).join(','),
        NODE_ENV: 'production',
        NEXT_TELEMETRY_DISABLED: '1',
        RIDEAU_ATTENDED: '1',
      },
      stdio: ['pipe', 'pipe', 'pipe'],
    },
  );
  let out = '';
  for (const s of [child.stdout, child.stderr])
    s.on('data', (d) => {
      out = (out + d).slice(-8000);
    });
  child.stderr.on('data', (d) => {
    if (!quiet) process.stderr.write(d);
  });
  const ended = new Promise((resolve) => child.on('exit', resolve));
  const name = host === '0.0.0.0' ? '127.0.0.1' : host;
  const address = `http://${name.includes(':') ? `[${name}]` : name}:${port}`;
  for (let i = 0; ; i++) {
    if (child.exitCode !== null || i > 300) {
      child.kill();
      throw new Plain(`The server did not start.\n${out.split('\n').slice(-15).join('\n')}`);
    }
    try {
      const r = await fetch(`${address}/api/studio/backup`, { method: 'HEAD' });
      if (r.ok) break;
      if (r.status >= 500) {
        child.kill();
        throw new Plain(
          `The server started but cannot open the studio.\n${out.split('\n').slice(-15).join('\n')}`,
        );
      }
    } catch (e) {
      if (e instanceof Plain) throw e;
    }
    await new Promise((r) => setTimeout(r, 100));
  }
  const stop = async () => {
    if (child.exitCode === null && child.signalCode === null) {
      child.kill('SIGTERM');
      const hard = setTimeout(() => child.kill('SIGKILL'), 4000);
      await ended;
      clearTimeout(hard);
    }
  };
  return { child, address, ended, stop };
}

/**
 * The demo studio as text, its dates of buying and returning as far from today as they were from the day it
 * was made for.
 */
export function demoStudio() {
  const text = readFileSync(path.join(root, 'demo/sail-loft.studio.json'), 'utf8');
  const madeFor = Date.parse('2026-04-22T00:00:00Z');
  const shift = Math.floor((Date.now() - madeFor) / 86_400_000) * 86_400_000;
  return text.replace(
    /("(?:boughtOn|dueOn|returnBy)": )"(\d{4}-\d{2}-\d{2})"/g,
    (_all, field, day) =>
      `${field}"${new Date(Date.parse(`${day}T00:00:00Z`) + shift).toISOString().slice(0, 10)}"`,
  );
}

/** What both commands do before the server is started; gives what was chosen. */
export async function prepare() {
  const chosen = settings();
  checkFolder(chosen.data);
  await checkPort(chosen.port, chosen.host);
  await ensureInstalled();
  await checkDatabase(chosen.data);
  await ensureBuilt();
  return chosen;
}

/** Says where the studio is, and keeps the server up until Ctrl-C, which stops it cleanly. */
export async function holdUntilStopped(server, { port, host, data }) {
  say(`\nRideau is at ${server.address}`);
  for (const address of ownAddresses(host))
    say(`On a phone or tablet of the same network: http://${address}:${port}`);
  say(`The studio is in ${data}. Ctrl-C stops it.`);
  let asked = false;
  const stop = async () => {
    if (asked) return;
    asked = true;
    say('\nStopping …');
    await server.stop();
    say('Stopped. The studio is saved.');
    process.exit(0);
  };
  process.on('SIGINT', stop);
  process.on('SIGTERM', stop);
  const code = await server.ended;
  if (!asked) throw new Plain(`The server stopped by itself (${code}).`);
}

export async function main(work) {
  try {
    await work();
  } catch (e) {
    if (e instanceof Plain) say(`\n${e.message}`);
    else say(`\n${e.stack}`);
    process.exit(1);
  }
}
