import { NextResponse, type NextRequest } from 'next/server';
import { ASKED_LOOK, ASKED_PATH } from './server/asked';
import { NOT_LET_IN, PAIR_PAGE, refusalOf, refusedFor } from './server/ownPages';

/** Whether somebody opens a page, and not a script a part of it. */
const isPageOpened = ({ method, headers }: NextRequest): boolean =>
  method === 'GET' && !headers.has('rsc') && (headers.get('accept') ?? '').includes('text/html');

/** To the page that takes the code, and from there back to what was asked for. */
function toPairing({ nextUrl }: NextRequest): NextResponse {
  const to = `${nextUrl.pathname}${nextUrl.search}`;
  // told as an address within the studio: a server in front may be asked under another protocol
  const page = new URL(PAIR_PAGE, nextUrl.origin);
  if (to !== '/') page.searchParams.set('to', to);
  return NextResponse.redirect(page);
}

/** Host on every request, Origin on every write, and the security headers. */
export function proxy(request: NextRequest): Response {
  const refusal = refusalOf(request);
  if (refusal?.code === NOT_LET_IN && isPageOpened(request)) return toPairing(request);
  if (refusal) return refusedFor(refusal);
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
  // a layout is told neither
  const look = request.nextUrl.searchParams.get('look');
  if (look === null) headers.delete(ASKED_LOOK);
  else headers.set(ASKED_LOOK, encodeURIComponent(look));
  headers.set(ASKED_PATH, encodeURI(request.nextUrl.pathname));
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy);
  response.headers.set('referrer-policy', 'no-referrer');
  response.headers.set('cross-origin-opener-policy', 'same-origin');
  response.headers.set('permissions-policy', 'camera=(), microphone=(), geolocation=()');
  return response;
}

/** Files are read as they come in; the proxy would hold all of them, and cut them at its limit. */
export const config = { matcher: ['/((?!_next/static|icon.svg|api/studio/restore|api/rooms$).*)'] };
