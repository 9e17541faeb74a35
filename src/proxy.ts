import { NextResponse, type NextRequest } from 'next/server';

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

const refuse = (code: string, message: string) =>
  NextResponse.json({ issues: [{ path: [], code, message }] }, { status: 403 });

/** Host on every request, Origin on every write, and the security headers. */
export function proxy(request: NextRequest): NextResponse {
  const host = request.headers.get('host') ?? '';
  if (!hosts.has(host)) return refuse('host-refused', 'This studio does not answer to that name.');
  if (request.method !== 'GET' && request.method !== 'HEAD') {
    const origin = request.headers.get('origin');
    const site = request.headers.get('sec-fetch-site');
    const own =
      origin === null
        ? site === null || site === 'same-origin'
        : origin === `http://${host}` || origin === `https://${host}`;
    if (!own) return refuse('origin-refused', 'Writes are taken only from this studio’s own pages.');
  }
  const nonce = btoa(crypto.randomUUID());
  const dev = process.env.NODE_ENV === 'development';
  const policy = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${dev ? " 'unsafe-eval'" : ''}`,
    `style-src-elem 'self' 'nonce-${nonce}'${dev ? " 'unsafe-inline'" : ''}`,
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' blob: data:",
    "font-src 'self'",
    "connect-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy);
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('referrer-policy', 'no-referrer');
  response.headers.set('cross-origin-opener-policy', 'same-origin');
  response.headers.set('permissions-policy', 'camera=(), microphone=(), geolocation=()');
  return response;
}

export const config = { matcher: ['/((?!_next/static|icon.svg).*)'] };
