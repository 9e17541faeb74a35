import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { refusalOf } from './ownPages';

const HOST = 'localhost:3000';
/** A request made on the studio's own machine, but for the headers given. */
const ask = (method: string, headers: Record<string, string>, path = '/') =>
  refusalOf({
    method,
    url: `http://${HOST}${path}`,
    headers: new Headers({ host: HOST, 'x-rideau-peer': '127.0.0.1', ...headers }),
  })?.code ?? 'taken';

describe('the studio’s door', () => {
  it('answers to its own names only', () => {
    expect(ask('GET', {})).toBe('taken');
    expect(ask('GET', { host: '127.0.0.1' })).toBe('taken');
    expect(ask('GET', { host: 'elsewhere.example' })).toBe('host-refused');
    expect(ask('GET', { host: 'localhost:3001' })).toBe('host-refused');
  });

  it.each([
    ['from its own pages', { 'sec-fetch-site': 'same-origin', 'sec-fetch-mode': 'cors' }, 'taken'],
    ['typed by hand', { 'sec-fetch-site': 'none', 'sec-fetch-mode': 'navigate' }, 'taken'],
    ['by a link elsewhere', { 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': 'navigate' }, 'taken'],
    [
      'by a script elsewhere',
      { 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': 'no-cors' },
      'origin-refused',
    ],
    ['from another port', { 'sec-fetch-site': 'same-site', 'sec-fetch-mode': 'cors' }, 'origin-refused'],
  ])('reading %s', (_what, headers, code) => {
    expect(ask('GET', headers)).toBe(code);
    expect(ask('HEAD', headers)).toBe(code);
  });

  it.each([
    ['from its own pages', { origin: `http://${HOST}` }, 'taken'],
    ['without a browser', {}, 'taken'],
    ['from elsewhere', { origin: 'http://elsewhere.example' }, 'origin-refused'],
    ['from elsewhere without an origin', { 'sec-fetch-site': 'cross-site' }, 'origin-refused'],
    ['from another port', { origin: 'http://localhost:3001' }, 'origin-refused'],
  ])('writing %s', (_what, headers, code) => {
    for (const method of ['POST', 'PUT', 'DELETE', 'PATCH']) expect(ask(method, headers)).toBe(code);
  });
});

describe('a device that was not let in', () => {
  const phone = { 'x-rideau-peer': '192.0.2.7' };

  it.each([
    ['another machine', phone],
    ['one that only says it is this machine', { 'x-rideau-peer': '10.127.0.0.1' }],
    ['one that nobody handed on', { 'x-rideau-peer': '' }],
  ])('reads and writes nothing: %s', (_what, headers) => {
    for (const path of ['/', '/rooms/a/walls', '/api/studio/backup', '/pair/x', '//pair'])
      expect(ask('GET', headers, path), path).toBe('not-let-in');
    for (const path of ['/', '/pair', '/api/rooms', '/api/pair/x'])
      expect(ask('POST', headers, path), path).toBe('not-let-in');
  });

  it('opens the page for the code and sends it, and no act of another page by way of these', () => {
    expect(ask('GET', phone, '/pair?code=1')).toBe('taken');
    expect(ask('POST', phone, '/api/pair')).toBe('taken');
    expect(ask('POST', { ...phone, 'next-action': 'x' }, '/api/pair')).toBe('not-let-in');
    expect(ask('GET', { ...phone, 'next-action': 'x' }, '/pair')).toBe('not-let-in');
  });

  it.each(['127.0.0.1', '127.8.8.8', '::1', '::ffff:127.0.0.1'])(
    'the own machine at %s is let in',
    (peer) => {
      expect(ask('GET', { 'x-rideau-peer': peer })).toBe('taken');
    },
  );
});

describe('a name that is refused', () => {
  beforeEach(() => vi.useFakeTimers());
  afterEach(() => {
    vi.useRealTimers();
    vi.restoreAllMocks();
  });

  it('is said once a minute', () => {
    vi.setSystemTime(new Date('2030-01-01T12:00:00Z'));
    const said = vi.spyOn(process.stderr, 'write').mockReturnValue(true);
    for (let n = 0; n < 5; n++) ask('GET', { host: 'elsewhere.example' });
    expect(said).toHaveBeenCalledTimes(1);
    expect(said.mock.calls[0]![0]).toContain('"elsewhere.example"');
    vi.advanceTimersByTime(59_000);
    ask('GET', { host: 'elsewhere.example' });
    expect(said).toHaveBeenCalledTimes(1);
    vi.advanceTimersByTime(1_000);
    ask('GET', { host: 'elsewhere.example' });
    expect(said).toHaveBeenCalledTimes(2);
  });
});
