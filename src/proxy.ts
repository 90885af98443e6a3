import { NextResponse, type NextRequest } from 'next/server';

/** What a worker is told is told with its script, and these are where scripts are. */
const SCRIPTS = '/_next/static/';

/**
 * Nothing leaves the origin and no inline script runs without this request's nonce. Workers alone may compile WebAssembly, in which
 * the PDF reader's decoders are written; pages may not.
 */
function contentSecurityPolicy(nonce: string, ofScript: boolean): string {
  const developing = process.env.NODE_ENV === 'development';
  const script = developing ? " 'unsafe-eval'" : ofScript ? " 'wasm-unsafe-eval'" : '';
  return [
    "default-src 'none'",
    `script-src 'self' 'nonce-${nonce}'${script}`,
    `style-src-elem 'self' 'nonce-${nonce}'`,
    // React and the charts set sizes and positions as style attributes
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' blob: data:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "manifest-src 'self'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
}

/** Large files are handed over whole, which what goes through here is not: its body is kept up to 10 MB and cut off. */
export const config = { matcher: '/((?!api/handover).*)' };

/** Sets the security headers of every response; Next.js reads the nonce back from the request. */
export function proxy(request: NextRequest): NextResponse {
  const nonce = crypto.randomUUID().replaceAll('-', '');
  const policy = contentSecurityPolicy(nonce, request.nextUrl.pathname.startsWith(SCRIPTS));
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy);
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('referrer-policy', 'no-referrer');
  response.headers.set('cross-origin-opener-policy', 'same-origin');
  // the camera for photos of prints alone, and only where the person allows it
  response.headers.set('permissions-policy', 'camera=(self), microphone=(), geolocation=()');
  return response;
}
