/** The header in which the server hands on who is at the other end of a connection; what came under it is written over. */
export const PEER_HEADER = 'x-rideau-peer';

export const port = process.env.PORT ?? '3000';

/** Addresses that stand for all of the machine's own. */
const LISTENS_ON_ALL = ['0.0.0.0', '::'];
const chosen = process.env.HOST ?? '127.0.0.1';
/** In an address an IPv6 number stands in brackets. */
const host = chosen.includes(':') && !LISTENS_ON_ALL.includes(chosen) ? `[${chosen}]` : chosen;

/** Names that a machine reaches only itself under. */
const ownNames = ['127.0.0.1', 'localhost', '[::1]', ...(isLoopbackAddress(chosen) ? [host] : [])];

/** Names that other devices reach the studio under. */
export const otherNames: readonly string[] = [
  ...(LISTENS_ON_ALL.includes(host) || ownNames.includes(host) ? [] : [host]),
  ...(process.env.RIDEAU_HOSTS ?? '')
    .split(',')
    .map((h) => h.trim())
    .filter(Boolean),
];

/** Names that the studio answers to; with its port, and without it where another server stands in front. */
export const answeredHosts: ReadonlySet<string> = new Set(
  [...ownNames, ...otherNames].flatMap((h) => [h, `${h}:${port}`]),
);

const ownHosts: ReadonlySet<string> = new Set(ownNames.flatMap((h) => [h, `${h}:${port}`]));

/** Whether an address, IPv4, IPv6 or IPv4 within IPv6, is this machine itself. */
export function isLoopbackAddress(address: string): boolean {
  const plain = address.replace(/^::ffff:/i, '');
  return plain === '::1' || /^127(\.\d{1,3}){3}$/.test(plain);
}

/**
 * Whether a request is made on the machine that the studio runs on: by the connection, and by the name it was asked
 * under. A server in front that hands on from another name does not count.
 */
export const isOwnScreen = (headers: Headers): boolean =>
  isLoopbackAddress(headers.get(PEER_HEADER) ?? '') && ownHosts.has(headers.get('host') ?? '');
