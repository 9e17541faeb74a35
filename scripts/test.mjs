// npm test: types, lint and borders, build, size, unit, published, data, faults, browser; one plain closing
// line for all together.
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import { Plain, ensureBuilt, ensureInstalled, main, root, run, say } from './lib.mjs';

const totals = { passed: 0, failed: 0 };
const bin = (name) => path.join(root, 'node_modules', name);
const node = (file, args, options) =>
  run(process.execPath, [bin(file), ...args], { ...options, env: { NO_COLOR: '1', ...options?.env } });

/** Counts what a suite ran; one that ran nothing has failed. */
function count(name, passed, failed) {
  if (passed + failed === 0) {
    failed = 1;
    say(`${name}: ran nothing`);
  }
  totals.passed += passed;
  totals.failed += failed;
  say(`${name}: ${passed} passed, ${failed} failed`);
}

/** A check that is one thing: it holds or it does not. */
async function check(name, work) {
  say(`\n— ${name}`);
  try {
    await work();
    count(name, 1, 0);
  } catch (e) {
    say(
      String(e.out ?? e.message)
        .split('\n')
        .filter((l) => !l.includes('Unknown user config'))
        .slice(-60)
        .join('\n'),
    );
    count(name, 0, 1);
  }
}

async function ensureChromium() {
  if (existsSync(process.env.CHROMIUM ?? '/usr/bin/chromium')) return;
  say('Installing Chromium from Debian for the browser tests …');
  try {
    await run('apt-get', ['update', '-qq'], { quiet: true });
    await run('apt-get', ['install', '-y', '-qq', 'chromium'], {
      quiet: true,
      env: { DEBIAN_FRONTEND: 'noninteractive' },
    });
  } catch (e) {
    throw new Plain(
      `Chromium is missing and could not be installed (${e.message}). On Debian, as root: apt-get install chromium; or set CHROMIUM=/path/to/chromium.`,
    );
  }
}

/** First-load JavaScript of a room page, gzip, in thousands of bytes. */
const BUDGET = 230;
function checkSizes() {
  const rows = JSON.parse(
    readFileSync(path.join(root, '.next/diagnostics/route-bundle-stats.json'), 'utf8'),
  ).filter((r) => r.route.startsWith('/rooms/[id]/'));
  if (rows.length === 0) throw new Error('no room page in the build');
  for (const row of rows) {
    const size =
      row.firstLoadChunkPaths.reduce((n, f) => n + gzipSync(readFileSync(path.join(root, f))).length, 0) /
      1000;
    say(`${row.route.padEnd(24)} ${size.toFixed(1)} kB`);
    if (size > BUDGET) throw new Error(`${row.route} takes ${size.toFixed(1)} kB, the budget is ${BUDGET}`);
  }
}

await main(async () => {
  const only = process.argv.slice(2);
  const wanted = (name) => only.length === 0 || only.includes(name);
  await ensureInstalled();
  const scratch = mkdtempSync(path.join(tmpdir(), 'rideau-test-'));
  if (wanted('types')) {
    // the page types are written by the build's own tool
    await check('types', async () => {
      await node('next/dist/bin/next', ['typegen'], { quiet: true });
      await node('typescript/bin/tsc', ['--noEmit'], { quiet: true });
    });
    await check('types of the core, without browser or Node', () =>
      node('typescript/bin/tsc', ['--noEmit', '-p', 'src/core/tsconfig.json'], { quiet: true }),
    );
  }
  if (wanted('lint')) {
    await check('format', () =>
      node('prettier/bin/prettier.cjs', ['--check', '--log-level', 'warn', '.'], { quiet: true }),
    );
    await check('lint and borders', () =>
      node('eslint/bin/eslint.js', ['--max-warnings', '0', '.'], { quiet: true }),
    );
    await check('no circles', () =>
      node('dependency-cruiser/bin/dependency-cruise.mjs', ['src', '--config', '.dependency-cruiser.cjs'], {
        quiet: true,
      }),
    );
  }
  // the data suite brings up a studio too
  if (['build', 'data', 'browser'].some(wanted)) {
    await check('build', ensureBuilt);
    await check('size of the room pages', checkSizes);
  }
  for (const project of ['unit', 'published', 'data', 'arch']) {
    if (!wanted(project)) continue;
    say(`\n— ${project}`);
    const file = path.join(scratch, `${project}.json`);
    await node('vitest/vitest.mjs', [
      'run',
      '--project',
      project,
      '--reporter=dot',
      '--reporter=json',
      `--outputFile.json=${file}`,
    ]).catch(() => undefined);
    const result = existsSync(file)
      ? JSON.parse(readFileSync(file, 'utf8'))
      : { numPassedTests: 0, numFailedTests: 0, numFailedTestSuites: 1 };
    // a file that fails before its first test counts as a failure of its own
    count(project, result.numPassedTests, result.numFailedTests || (result.success === false ? 1 : 0));
  }
  if (wanted('faults')) {
    say('\n— faults in what has changed (reported, not judged)');
    const faults = path.join(root, 'scripts/faults.mjs');
    await run(process.execPath, [faults, '--changed', '--minutes', '2', '--count', '12']).catch((e) =>
      say(e.message),
    );
  }
  if (wanted('browser')) {
    say('\n— browser');
    await ensureChromium();
    const file = path.join(scratch, 'browser.json');
    await node('@playwright/test/cli.js', ['test', '--reporter=list,json'], {
      env: { PLAYWRIGHT_JSON_OUTPUT_NAME: file, PLAYWRIGHT_JSON_OUTPUT_FILE: file },
    }).catch(() => undefined);
    const stats = existsSync(file)
      ? JSON.parse(readFileSync(file, 'utf8')).stats
      : { expected: 0, unexpected: 0, flaky: 0, skipped: 0 };
    count('browser', stats.expected, stats.unexpected + stats.flaky + stats.skipped);
  }
  rmSync(scratch, { recursive: true, force: true });
  say(`\n${totals.passed} passed, ${totals.failed} failed`);
  process.exit(totals.failed === 0 && totals.passed > 0 ? 0 : 1);
});
