import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, freePort, test } from './studio';

test('a server whose start script is killed ends too, and gives the port and the studio free', async () => {
  test.setTimeout(90_000);
  const data = mkdtempSync(path.join(tmpdir(), 'rideau-start-'));
  const port = await freePort();
  const answers = () =>
    fetch(`http://127.0.0.1:${port}/api/studio/backup`, { method: 'HEAD' }).then(
      (r) => r.ok,
      () => false,
    );
  const begin = () => {
    const script = spawn(process.execPath, ['scripts/start.mjs'], {
      env: { ...process.env, PORT: String(port), HOST: '127.0.0.1', RIDEAU_DATA: data },
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    const ready = new Promise((resolve) =>
      script.stdout.on('data', (said) => {
        if (String(said).includes('Ctrl-C')) resolve(true);
      }),
    );
    return { script, ready, ended: new Promise((resolve) => script.on('exit', resolve)) };
  };
  const first = begin();
  await first.ready;
  first.script.kill('SIGKILL');
  await expect.poll(answers, { timeout: 10_000 }).toBe(false);
  const second = begin();
  await second.ready;
  expect(await answers()).toBe(true);
  // between two looks at a wall a page rests for minutes: its connection is not closed under what it sends then
  const answer = await fetch(`http://127.0.0.1:${port}/api/studio/backup`);
  await answer.text();
  expect(answer.headers.get('keep-alive')).toBe('timeout=600');
  second.script.kill('SIGINT');
  expect(await second.ended).toBe(0);
  rmSync(data, { recursive: true, force: true });
});
