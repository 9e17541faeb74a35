// npm run faults: puts small faults into the core, one at a time, and counts how many the tests notice.
//   npm run faults -- --count 60 --seed 7     so many faults, drawn by this seed
//   npm run faults -- --changed --minutes 2   only in files that the last commits changed, for so long
// Works on a copy of the sources; the working tree is not touched. The figure is printed, not judged.
import { execFileSync } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, readdirSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { faultsOf } from './faults/faultsOf.mjs';
import { ensureInstalled, main, root, run, say } from './lib.mjs';

const COPIED = ['src', 'tests', 'scripts', 'demo', 'package.json', 'tsconfig.json', 'vitest.config.mts'];
/** The property over thousands of changes takes as long as all others together; it is for what keeps plans. */
const SLOW = 'src/core/plan/kept.test.ts';
const KEEPING = /src\/core\/plan\/(keep|stage|planLook|context)/;

const { values } = parseArgs({
  options: {
    count: { type: 'string', default: '60' },
    seed: { type: 'string', default: '1' },
    minutes: { type: 'string', default: '600' },
    changed: { type: 'boolean', default: false },
  },
});

const nameOf = ({ file, line, from, to }) => `${file}:${line}  ${from}  →  ${to}`;

const isSource = (file) =>
  /^src\/core\/.*\.ts$/.test(file) && !/\.test\.ts$/.test(file) && !file.startsWith('src/core/rules/table/');

const coreFiles = () =>
  readdirSync(path.join(root, 'src/core'), { recursive: true })
    .map((name) => path.join('src/core', String(name)))
    .filter(isSource)
    .sort();

/** How many commits back a file counts as changed. */
const COMMITS = 10;

/** What differs from some commits ago, committed or not. A copy without that history has none. */
function changedFiles() {
  try {
    const names = execFileSync('git', ['diff', '--name-only', '--diff-filter=AM', `HEAD~${COMMITS}`], {
      cwd: root,
      encoding: 'utf8',
      stdio: ['ignore', 'pipe', 'ignore'],
    });
    return names.split('\n').filter(isSource);
  } catch {
    return [];
  }
}

function copyOfSources() {
  const copy = mkdtempSync(path.join(tmpdir(), 'rideau-faults-'));
  for (const name of COPIED) cpSync(path.join(root, name), path.join(copy, name), { recursive: true });
  symlinkSync(path.join(root, 'node_modules'), path.join(copy, 'node_modules'));
  return copy;
}

/** A fault that goes round for ever is noticed too. */
const LIMIT_MS = 240_000;

/**
 * Whether a test fails; undefined when the time is up before that is known. The tests beside the file and the record
 * come first, since they notice most; then all others that reach it.
 */
async function isNoticed(copy, fault, until) {
  const target = path.join(copy, fault.file);
  const whole = readFileSync(target, 'utf8');
  writeFileSync(target, whole.slice(0, fault.start) + fault.to + whole.slice(fault.end));
  const vitest = path.join(copy, 'node_modules/vitest/vitest.mjs');
  const common = ['--project', 'unit', '--project', 'published', '--bail', '1', '--passWithNoTests'];
  const slow = KEEPING.test(fault.file) ? [] : ['--exclude', SLOW];
  const near = path.dirname(fault.file);
  try {
    for (const which of [
      ['run', near, 'tests/record'],
      ['related', fault.file, '--run'],
    ])
      await run(process.execPath, [vitest, ...which, ...common, ...slow], {
        quiet: true,
        cwd: copy,
        limitMs: Math.min(LIMIT_MS, until - Date.now()),
      });
    return false;
  } catch {
    return Date.now() < until ? true : undefined;
  } finally {
    writeFileSync(target, whole);
  }
}

function draw(list, count, random) {
  const left = [...list];
  const drawn = [];
  while (left.length > 0 && drawn.length < count)
    drawn.push(...left.splice(Math.floor(random() * left.length), 1));
  return drawn;
}

/** Mulberry32: the same faults for the same seed. */
function seeded(seed) {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

await main(async () => {
  await ensureInstalled();
  const files = values.changed ? changedFiles() : coreFiles();
  if (files.length === 0) {
    say('No file of the core has changed; there is nothing to put a fault into.');
    return;
  }
  const random = seeded(Number(values.seed));
  const all = files.flatMap((file) => faultsOf(file, readFileSync(path.join(root, file), 'utf8')));
  const drawn = draw(all, Number(values.count), random);
  const copy = copyOfSources();
  const until = Date.now() + Number(values.minutes) * 60_000;
  const missed = [];
  let tried = 0;
  for (const fault of drawn) {
    const noticed = Date.now() < until ? await isNoticed(copy, fault, until) : undefined;
    if (noticed === undefined) break;
    tried++;
    if (!noticed) missed.push(fault);
    say(`${String(tried).padStart(4)}  ${noticed ? 'noticed' : 'missed '}  ${nameOf(fault)}`);
  }
  rmSync(copy, { recursive: true, force: true });
  const noticed = tried - missed.length;
  say(`\n${noticed} of ${tried} faults noticed (${Math.round((100 * noticed) / Math.max(1, tried))} %)`);
  process.exit(0);
});
