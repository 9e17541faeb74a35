// What has to be installed and built, and is only when something changed.
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { Plain, root } from './base.mjs';
import { run, withProgress } from './run.mjs';

const stamps = path.join(root, '.rideau');

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
