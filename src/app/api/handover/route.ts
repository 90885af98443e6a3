import { boundedBody } from '@/server/boundedBody';
import { addresses, handOver, isOpened, layReady, MAX_PARCEL_BYTES } from '@/server/handover';
import { refusal } from '@/server/planDocument';

export const dynamic = 'force-dynamic';

/** These answers do not pass the proxy, which would cut large files off. */
const SAFE = { 'cache-control': 'no-store', 'x-content-type-options': 'nosniff' };

const answer = (status: number, body: string) =>
  new Response(body, { status, headers: { 'content-type': 'application/json', ...SAFE } });

/**
 * `GET /api/handover`: whether files are handed over here: only where the person opened the server to their network.
 * `GET /api/handover?code=<six digits>`: the file that lies ready under a one-time code; it is gone afterwards.
 */
export function GET(request: Request): Response {
  const code = new URL(request.url).searchParams.get('code');
  if (code === null) {
    const opened = isOpened();
    return answer(200, JSON.stringify({ opened, addresses: opened ? addresses() : [] }));
  }
  const bytes = isOpened() && /^\d{6}$/.test(code) ? handOver(code) : null;
  if (!bytes) return answer(404, JSON.stringify({ error: 'Nothing lies ready under this code.' }));
  return new Response(bytes, { headers: { 'content-type': 'application/zip', ...SAFE } });
}

/** `POST /api/handover`: lays a zip ready for another device on the same network; its one-time code comes back. */
export async function POST(request: Request): Promise<Response> {
  const { status, body } = await laid(request);
  return answer(status, body);
}

async function laid(request: Request): Promise<{ status: number; body: string }> {
  if (!isOpened()) return refusal(403, 'The server listens on its own machine alone.');
  const from = request.headers.get('origin');
  if (from?.replace(/^https?:\/\//, '') !== request.headers.get('host'))
    return refusal(403, 'Files are taken from the app itself alone.');
  if (request.headers.get('content-type') !== 'application/zip')
    return refusal(415, 'Send a job file or a backup as application/zip.');
  const bytes = await boundedBody(request, MAX_PARCEL_BYTES);
  if (!bytes) return refusal(413, `The file is over ${MAX_PARCEL_BYTES / 1e6} MB: carry it over.`);
  const code = layReady(bytes);
  return code
    ? { status: 200, body: JSON.stringify({ code }) }
    : refusal(503, 'Three files lie ready already; they go after ten minutes.');
}
