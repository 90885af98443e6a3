import { refusal } from '@/server/planDocument';
import { planInThread } from '@/server/planThread';

/** Largest request body, bytes: a job without its pictures, but with their outlines, for many names. */
const MAX_BODY_BYTES = 5_000_000;

/** Reads the body up to the limit; null when it is longer. */
async function boundedText(request: Request): Promise<string | null> {
  const reader = request.body?.getReader();
  const decoder = new TextDecoder();
  let text = '';
  let size = 0;
  for (;;) {
    const chunk = await reader?.read();
    if (!chunk || chunk.done) return text + decoder.decode();
    size += chunk.value.byteLength;
    if (size > MAX_BODY_BYTES) return null;
    text += decoder.decode(chunk.value, { stream: true });
  }
}

/** `POST /api/plan`: the `job.json` of a job file in, its plan out. See docs/api.md. */
export async function POST(request: Request): Promise<Response> {
  const { status, body } = await answerTo(request);
  return new Response(body, { status, headers: { 'content-type': 'application/json' } });
}

async function answerTo(request: Request) {
  if (!request.headers.get('content-type')?.startsWith('application/json')) {
    return refusal(415, 'Send the job.json of a job file as application/json.');
  }
  const text = await boundedText(request);
  if (text === null) {
    return refusal(
      413,
      `The job is larger than ${MAX_BODY_BYTES / 1000} kB; pictures do not belong in it.`,
    );
  }
  return planInThread(text);
}
