import { NextResponse, type NextRequest } from 'next/server';

/** Nothing leaves the origin and no inline script runs without this request's nonce. */
function contentSecurityPolicy(nonce: string): string {
  const script = process.env.NODE_ENV === 'development' ? " 'unsafe-eval'" : '';
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
  const policy = contentSecurityPolicy(nonce);
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
