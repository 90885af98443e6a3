import { boundedBody } from '@/server/boundedBody';
import { refusal } from '@/server/planDocument';
import { planInThread } from '@/server/planThread';

/** Largest request body, bytes: a job without its pictures, but with their outlines, for many names. */
const MAX_BODY_BYTES = 5_000_000;

/** `POST /api/plan`: the `job.json` of a job file in, its plan out. See docs/api.md. */
export async function POST(request: Request): Promise<Response> {
  const { status, body } = await answerTo(request);
  return new Response(body, { status, headers: { 'content-type': 'application/json' } });
}

async function answerTo(request: Request) {
  if (!request.headers.get('content-type')?.startsWith('application/json')) {
    return refusal(415, 'Send the job.json of a job file as application/json.');
  }
  const bytes = await boundedBody(request, MAX_BODY_BYTES);
  if (bytes === null) {
    return refusal(
      413,
      `The job is larger than ${MAX_BODY_BYTES / 1000} kB; pictures do not belong in it.`,
    );
  }
  return planInThread(new TextDecoder().decode(bytes));
}
