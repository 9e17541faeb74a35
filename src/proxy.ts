import { NextResponse, type NextRequest } from 'next/server';
import { refusalOf } from './server/ownPages';

/** Host on every request, Origin on every write, and the security headers. */
export function proxy(request: NextRequest): NextResponse {
  const refusal = refusalOf(request);
  if (refusal) return NextResponse.json({ issues: [refusal] }, { status: 403 });
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
  response.headers.set('referrer-policy', 'no-referrer');
  response.headers.set('cross-origin-opener-policy', 'same-origin');
  response.headers.set('permissions-policy', 'camera=(), microphone=(), geolocation=()');
  return response;
}

/** Files are read as they come in; the proxy would hold all of them, and cut them at its limit. */
export const config = { matcher: ['/((?!_next/static|icon.svg|api/studio/restore|api/rooms$).*)'] };
