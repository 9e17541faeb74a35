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

const issue = (code: string, message: string): DoorIssue => ({ path: [], code, message });

/** Why a request is not taken: by its Host, or for a write by where it comes from. Null where it is. */
export function refusalOf({ headers, method }: Pick<Request, 'headers' | 'method'>): DoorIssue | null {
  const host = headers.get('host') ?? '';
  if (!hosts.has(host)) return issue('host-refused', 'This studio does not answer to that name.');
  if (method === 'GET' || method === 'HEAD') return null;
  const origin = headers.get('origin');
  const site = headers.get('sec-fetch-site');
  const own =
    origin === null
      ? site === null || site === 'same-origin'
      : origin === `http://${host}` || origin === `https://${host}`;
  return own ? null : issue('origin-refused', 'Writes are taken only from this studio’s own pages.');
}
