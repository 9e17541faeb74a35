import { spawn } from 'node:child_process';
import { networkInterfaces } from 'node:os';
import { Plain, root, say } from './base.mjs';
import { ownName } from './settings.mjs';

/** Addresses of this machine that others on the network reach it under, when it listens on all. */
const ownAddresses = (host) =>
  host === '0.0.0.0' || host === '::'
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
  const child = spawn(process.execPath, ['--max-semi-space-size=64', 'scripts/lib/studioServer.mjs'], {
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
  });
  let out = '';
  for (const s of [child.stdout, child.stderr])
    s.on('data', (d) => {
      out = (out + d).slice(-8000);
    });
  child.stderr.on('data', (d) => {
    if (!quiet) process.stderr.write(d);
  });
  const ended = new Promise((resolve) => child.on('exit', resolve));
  const name = ownName(host);
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

/** Says where the studio is, and keeps the server up until Ctrl-C, which stops it cleanly. */
export async function holdUntilStopped(server, { port, host, data }) {
  say(`\nRideau is at ${server.address}`);
  for (const address of ownAddresses(host))
    say(`On a phone or tablet of the same network: http://${address}:${port}, let in from the first page.`);
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
