import http from 'node:http';
import { expect, test } from './studio';

test.beforeEach(async ({ studio }) => {
  await studio.fill();
});

/** A bare request, to set headers that a browser would not. */
const ask = (
  address: string,
  options: { method?: string; path?: string; headers?: Record<string, string>; body?: string },
) =>
  new Promise<{ status: number; body: string; headers: http.IncomingHttpHeaders }>((resolve, reject) => {
    const url = new URL(address);
    const r = http.request(
      {
        host: url.hostname,
        port: url.port,
        method: options.method ?? 'GET',
        path: options.path ?? '/',
        headers: options.headers ?? {},
        // a connection of its own: one whose body was refused half way is of no use to the next
        agent: false,
      },
      (res) => {
        let body = '';
        res.on('data', (d) => {
          body += d;
        });
        res.on('end', () => resolve({ status: res.statusCode!, body, headers: res.headers }));
      },
    );
    r.on('error', reject);
    r.end(options.body);
  });

test('a foreign Host and a foreign Origin are refused on every door', async ({ studio }) => {
  expect((await ask(studio.address, { headers: { host: 'evil.example' } })).status).toBe(403);
  for (const path of ['/api/rooms', '/api/studio/restore', '/rooms/long-room/windows']) {
    expect(
      (
        await ask(studio.address, {
          method: 'POST',
          path,
          headers: { origin: 'http://evil.example', 'next-action': 'x' },
          body: '{}',
        })
      ).status,
    ).toBe(403);
    expect(
      (
        await ask(studio.address, {
          method: 'POST',
          path,
          headers: { 'sec-fetch-site': 'cross-site' },
          body: '{}',
        })
      ).status,
    ).toBe(403);
  }
});

test('the headers are strict and name no one', async ({ studio }) => {
  const { headers } = await ask(studio.address, {});
  const policy = String(headers['content-security-policy']);
  expect(policy).toContain("default-src 'self'");
  expect(policy).not.toContain('unsafe-eval');
  expect(policy).not.toMatch(/script-src[^;]*unsafe-inline/);
  expect(headers['x-powered-by']).toBeUndefined();
  const page = await (await fetch(studio.address)).text();
  const script = /\/_next\/static\/[^"]+\.js/.exec(page)![0];
  for (const path of ['/', script, '/api/studio/backup', '/icon.svg']) {
    const answer = await ask(studio.address, { path });
    expect(answer.headers['x-content-type-options'], path).toBe('nosniff');
    expect(answer.headers['cross-origin-resource-policy'], path).toBe('same-origin');
  }
});

test('another site may lead here, and reads nothing', async ({ studio }) => {
  for (const path of ['/api/studio/backup', '/api/rooms/landing/file', '/rooms/landing/windows']) {
    const from = async (mode: string) =>
      (
        await ask(studio.address, {
          path,
          headers: { 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': mode },
        })
      ).status;
    expect([await from('no-cors'), await from('navigate')], path).toEqual([403, 200]);
  }
});

test('rooms come in with 201 or are refused with path, code and message', async ({ studio }) => {
  const post = (body: string, headers: Record<string, string> = {}) =>
    ask(studio.address, {
      method: 'POST',
      path: '/api/rooms',
      headers: { 'content-type': 'application/json', ...headers },
      body,
    });
  const file = await (await fetch(`${studio.address}/api/rooms/landing/file`)).json();
  const made = await post(JSON.stringify(file));
  expect(made.status).toBe(201);
  const { id } = JSON.parse(made.body);
  expect(await (await fetch(`${studio.address}/api/rooms/${id}/file`)).json()).toEqual({
    ...file,
    room: { ...file.room, id },
  });
  const bad = await post(JSON.stringify({ ...file, openings: [{ ...file.openings[0], sillMm: -5 }] }));
  expect(bad.status).toBe(422);
  expect(JSON.parse(bad.body).issues[0]).toMatchObject({
    path: ['openings', 0, 'sillMm'],
    code: 'too-small',
    message: expect.any(String),
  });
  const broken = await post('{"rideau": 2,');
  expect([broken.status, JSON.parse(broken.body).issues[0].code]).toEqual([400, 'not-json']);
  const large = await post('{}', { 'content-length': String(1025 * 1024 * 1024) });
  expect([large.status, JSON.parse(large.body).issues[0].code]).toEqual([413, 'too-large']);
  for (const r of [bad, broken, large]) expect(r.body).not.toMatch(/at .*\.js:\d+|node_modules/);
});

test('the plan is JSON with stable names; what is not there is 404', async ({ studio }) => {
  const plan = await studio.plan();
  expect(Object.keys(plan)).toEqual([
    'lookId',
    'walls',
    'spots',
    'placed',
    'elevations',
    'rodLineMm',
    'windows',
    'hangings',
    'groups',
    'sights',
    'prints',
    'shelves',
    'seats',
    'beds',
    'nights',
    'surfaces',
    'works',
    'floor',
    'echo',
    'clear',
    'spread',
    'sheet',
    'findings',
    'stages',
  ]);
  expect(plan.windows[0]).toMatchObject({
    rodHeightMm: expect.any(Number),
    bracketToBracketMm: expect.any(Number),
    finishedLengthMm: expect.any(Number),
    panels: 4,
  });
  for (const path of [
    '/api/rooms/none/plan',
    '/api/rooms/long-room/plan?look=none',
    '/api/rooms/none/file',
    '/api/rooms/none/sheet.pdf',
    '/api/rooms/none/sheet.csv',
  ])
    expect((await fetch(studio.address + path)).status).toBe(404);
  const schema = await (await fetch(`${studio.address}/api/schema`)).json();
  expect(schema.properties.rideau).toEqual({ type: 'number', const: 11 });
});

test('a method and an address that nothing answers are refused, not errors', async ({ studio }) => {
  for (const method of ['TRACE', 'DELETE', 'PUT', 'PATCH']) {
    const answer = await ask(studio.address, { method, path: '/api/rooms' });
    expect([method, answer.status, answer.headers.allow]).toEqual([method, 405, 'GET, HEAD, POST, OPTIONS']);
    expect(answer.headers['x-content-type-options']).toBe('nosniff');
  }
  for (const path of ['/%', '/rooms/%zz/walls', '/api/rooms/%E0%A4%A/file', '/api/photos/a?size=%']) {
    const answer = await ask(studio.address, { path });
    expect([path, answer.status]).toEqual([path, 400]);
    expect(JSON.parse(answer.body)).toMatchObject({ issues: [{ code: 'bad-address' }] });
  }
  expect((await ask(studio.address, { path: '/rooms/no%20such%20room/walls' })).status).toBe(404);
});
