import { planJob } from '@/core/plan';
import { readJobDocument } from '@/files/jobFile';

/** An answer to be sent: status and JSON text. */
export interface Answer {
  readonly status: number;
  readonly body: string;
}

/** An answer that says what was wrong with the question. */
export const refusal = (status: number, error: string): Answer => ({
  status,
  body: JSON.stringify({ error }),
});

/** Takes the noise of binary fractions out of the answer: a millionth of a mm is enough. */
const tidyNumber = (_key: string, value: unknown): unknown =>
  typeof value === 'number' ? Number(value.toFixed(6)) : value;

/** The plan of a job document, as text in and text out; what it takes time for happens here. */
export function planDocument(text: string): Answer {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return refusal(400, 'The body is not JSON.');
  }
  const document = readJobDocument(value);
  if (!document.ok) return refusal(422, document.reason);
  const plan = planJob(document.value.job, document.value.shelf);
  return { status: 200, body: JSON.stringify(plan, tidyNumber) };
}
