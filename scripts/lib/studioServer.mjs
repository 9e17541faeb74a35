// The studio's server: Next, behind a door for what Next answers with an error of its own.
// node scripts/lib/studioServer.mjs, by PORT, HOST and RIDEAU_DATA.
import { createServer } from 'node:http';
import next from 'next';
import { root } from './base.mjs';
import { listenOn } from './settings.mjs';

const METHODS = ['GET', 'HEAD', 'POST', 'OPTIONS'];

/** Why a request is not handed on: its method, or an address that cannot be read. Null where it is. */
function refusalOf({ method, url }) {
  if (!METHODS.includes(method))
    return {
      status: 405,
      code: 'method-refused',
      message: `${method} is not answered here; ${METHODS.join(', ')} are.`,
    };
  try {
    decodeURIComponent(url);
    return null;
  } catch {
    return {
      status: 400,
      code: 'bad-address',
      message: 'The address cannot be read: it has a % that stands for nothing.',
    };
  }
}

function refuse(request, response, { status, code, message }) {
  const body = JSON.stringify({ issues: [{ path: [], code, message }] });
  response.writeHead(status, {
    'content-type': 'application/json',
    'content-length': Buffer.byteLength(body),
    'x-content-type-options': 'nosniff',
    'cross-origin-resource-policy': 'same-origin',
    connection: 'close',
    ...(status === 405 ? { allow: METHODS.join(', ') } : {}),
  });
  response.end(request.method === 'HEAD' ? undefined : body);
}

const port = Number(process.env.PORT);
const hostname = process.env.HOST;
const app = next({ dev: false, dir: root, hostname, port });
await app.prepare();
const answer = app.getRequestHandler();

/** Who is at the other end is handed on under this name; what a request brings under it is written over. */
const PEER_HEADER = 'x-rideau-peer';

function take(request, response) {
  request.headers[PEER_HEADER] = request.socket.remoteAddress ?? '';
  const refusal = refusalOf(request);
  if (refusal) refuse(request, response, refusal);
  else void answer(request, response);
}

/** A backup with its photos may take a slow machine a good while to take in; the usual five minutes would cut it. */
const LONGEST_REQUEST_MS = 2 * 60 * 60 * 1000;
/**
 * How long a connection that rests is kept. The usual five seconds end just as a stylist has looked at a wall and
 * goes on, and what is sent at that very moment is lost.
 */
const LONGEST_REST_MS = 10 * 60 * 1000;
const settings = { requestTimeout: LONGEST_REQUEST_MS, keepAliveTimeout: LONGEST_REST_MS };

// the studio's own screen is always there, whichever address others are answered on
const servers = listenOn(hostname).map((name) => createServer(settings, take).listen(port, name));

for (const signal of ['SIGINT', 'SIGTERM'])
  process.once(signal, () => {
    let open = servers.length;
    for (const server of servers) {
      server.close(() => --open === 0 && process.exit(0));
      server.closeAllConnections();
    }
  });
