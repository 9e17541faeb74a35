import { spawn } from 'node:child_process';
import { root, say } from './base.mjs';

/**
 * Runs a command; lines go through `line` (or straight out), a failure is an Error with the last of what was
 * printed. What takes longer than `limitMs` is stopped with everything that it started, and has failed.
 */
export function run(command, args, { env = {}, quiet = false, line, cwd = root, limitMs } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, {
      cwd,
      detached: limitMs !== undefined,
      env: { ...process.env, ...env },
      stdio: ['ignore', quiet || line ? 'pipe' : 'inherit', quiet || line ? 'pipe' : 'inherit'],
    });
    let out = '';
    for (const stream of [child.stdout, child.stderr])
      stream?.on('data', (d) => {
        out += d;
        if (line) for (const l of String(d).split('\n')) if (l.trim()) line(l);
      });
    const limit = limitMs && setTimeout(() => process.kill(-child.pid, 'SIGKILL'), limitMs);
    child.on('error', reject);
    child.on('exit', (code, signal) => {
      clearTimeout(limit);
      return code === 0
        ? resolve(out)
        : reject(
            Object.assign(new Error(`${command} ${args.join(' ')} ended with ${code ?? signal}`), {
              out,
              code,
            }),
          );
    });
  });
}

/** Says every few seconds that something is still going on. */
export async function withProgress(doing, what, work) {
  const began = Date.now();
  say(`${doing} ${what} …`);
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
