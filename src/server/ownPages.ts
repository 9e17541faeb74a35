import type { DoorIssue } from './issues';
import { refused } from './refused';
import { isLetIn } from './pairing/devices';
import { answeredHosts, isOwnScreen } from './pairing/names';

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

/** Why a request is not taken by where it comes from: other sites may lead here and nothing else. */
function foreignIssue(
  { headers, method }: Pick<Request, 'headers' | 'method'>,
  host: string,
): DoorIssue | null {
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

/** What a device that was not let in yet may ask for: the page for the code, and to be let in with it. */
function isForPairing({ headers, method, url }: Asked): boolean {
  const { pathname } = new URL(url);
  if (headers.has('next-action')) return false;
  return method === 'POST' ? pathname === '/api/pair' : pathname === PAIR_PAGE;
}

type Asked = Pick<Request, 'headers' | 'method' | 'url'>;
export const PAIR_PAGE = '/pair';
export const NOT_LET_IN = 'not-let-in';

/**
 * Why a request is not taken: by its Host, by where it comes from, or because its device was not let in. Null where it
 * is taken.
 */
export function refusalOf(request: Asked): DoorIssue | null {
  const host = request.headers.get('host') ?? '';
  if (!answeredHosts.has(host)) {
    sayRefused(host);
    return issue('host-refused', 'This studio does not answer to that name.');
  }
  const foreign = foreignIssue(request, host);
  if (foreign) return foreign;
  return isOwnScreen(request.headers) || isForPairing(request) || isLetIn(request.headers)
    ? null
    : issue(
        NOT_LET_IN,
        'This device was not let in yet: open this address in its browser, and type the code.',
      );
}

/** The answer to what is not taken at the door. */
export const refusedFor = (refusal: DoorIssue): Response =>
  refused([{ ...refusal, status: refusal.code === NOT_LET_IN ? 401 : 403 }]);

/** The answer to a request that is not taken at the door; null where it is taken. */
export function refusedAtDoor(request: Asked): Response | null {
  const refusal = refusalOf(request);
  return refusal && refusedFor(refusal);
}
