import type { DoorIssue } from './issues';

const port = process.env.PORT ?? '3000';
/** Names this server answers to; a page of another name that points here (DNS rebinding) is refused. */
const hosts = new Set(
  [
    '127.0.0.1',
    'localhost',
    '[::1]',
    ...(process.env.HOST && process.env.HOST !== '0.0.0.0' ? [process.env.HOST] : []),
    ...(process.env.RIDEAU_HOSTS ?? '')
      .split(',')
      .map((h) => h.trim())
      .filter(Boolean),
  ].flatMap((h) => [h, `${h}:${port}`]),
);

/** A name that was refused is said once a minute, however often it comes. */
const SAY_EVERY_MS = 60_000;
let saidAt = -Infinity;
function sayRefused(host: string): void {
  const now = Date.now();
  if (now - saidAt < SAY_EVERY_MS) return;
  saidAt = now;
  process.stderr.write(
    `Refused a request for the name ${JSON.stringify(host.slice(0, 100))}. Names to answer to: RIDEAU_HOSTS.\n`,
  );
}

const issue = (code: string, message: string): DoorIssue => ({ path: [], code, message });

/**
 * Why a request is not taken: by its Host, or by where it comes from; other sites may lead here and nothing else. Null where
 * it is taken.
 */
export function refusalOf({ headers, method }: Pick<Request, 'headers' | 'method'>): DoorIssue | null {
  const host = headers.get('host') ?? '';
  if (!hosts.has(host)) {
    sayRefused(host);
    return issue('host-refused', 'This studio does not answer to that name.');
  }
  const site = headers.get('sec-fetch-site');
  if (method === 'GET' || method === 'HEAD') {
    const foreign = site === 'cross-site' || site === 'same-site';
    return foreign && headers.get('sec-fetch-mode') !== 'navigate'
      ? issue('origin-refused', 'Other sites’ pages may lead here, but read nothing.')
      : null;
  }
  const origin = headers.get('origin');
  const own =
    origin === null
      ? site === null || site === 'same-origin'
      : origin === `http://${host}` || origin === `https://${host}`;
  return own ? null : issue('origin-refused', 'Writes are taken only from this studio’s own pages.');
}
