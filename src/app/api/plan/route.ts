import { MissingToolError, planJob } from '@/core/plan';
import { readJobDocument } from '@/files/jobFile';

/** Largest request body, bytes: a job without its pictures, but with their outlines, for many names. */
const MAX_BODY_BYTES = 5_000_000;

const refuse = (status: number, error: string) => Response.json({ error }, { status });

/** Takes the noise of binary fractions out of the answer: a millionth of a mm is enough. */
const tidyNumber = (_key: string, value: unknown): unknown =>
  typeof value === 'number' ? Number(value.toFixed(6)) : value;

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
  if (!request.headers.get('content-type')?.startsWith('application/json')) {
    return refuse(415, 'Send the job.json of a job file as application/json.');
  }
  const text = await boundedText(request);
  if (text === null) {
    return refuse(
      413,
      `The job is larger than ${MAX_BODY_BYTES / 1000} kB; pictures do not belong in it.`,
    );
  }
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return refuse(400, 'The body is not JSON.');
  }
  const document = readJobDocument(value);
  if (!document.ok) return refuse(422, document.reason);
  try {
    const plan = planJob(document.value.job, document.value.shelf);
    return new Response(JSON.stringify(plan, tidyNumber), {
      headers: { 'content-type': 'application/json' },
    });
  } catch (error) {
    if (error instanceof MissingToolError) return refuse(422, error.message);
    throw error;
  }
}
