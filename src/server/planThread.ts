import { Worker } from 'node:worker_threads';
import { refusal, type Answer } from './planDocument';

/** Longest a plan may take; what the schema admits stays far below, this is the last resort. ms. */
const LONGEST_MS = 2000;
/** Threads at work at one time; more questions wait. */
const MOST_THREADS = 2;
/** Most memory of one thread, MB. */
const MEMORY_MB = 512;

interface Question {
  readonly text: string;
  readonly answer: (answer: Answer) => void;
}

const startThread = () =>
  new Worker(new URL('./plan.thread.ts', import.meta.url), {
    resourceLimits: { maxOldGenerationSizeMb: MEMORY_MB },
  });

const waiting: Question[] = [];
const idle: Worker[] = [];
let busy = 0;

/** Puts a question to a thread; one that takes too long, or dies of it, is ended and refused. */
function ask({ text, answer }: Question): void {
  const thread = idle.pop() ?? startThread();
  busy++;
  const done = (result: Answer, keep: boolean) => {
    clearTimeout(timer);
    thread.off('message', answered).off('error', died);
    if (keep) idle.push(thread);
    else void thread.once('error', () => undefined).terminate();
    busy--;
    answer(result);
    const next = waiting.shift();
    if (next) ask(next);
  };
  const answered = (result: Answer) => done(result, true);
  const died = (error: Error) =>
    done(refusal(500, `The job could not be planned: ${error.message}.`), false);
  const timer = setTimeout(
    () => done(refusal(422, `This job takes longer than ${LONGEST_MS / 1000} s to plan.`), false),
    LONGEST_MS,
  );
  thread.once('message', answered).once('error', died);
  thread.postMessage(text);
}

/** The answer to a job document, worked out beside the server, so that others are answered meanwhile. */
export const planInThread = (text: string): Promise<Answer> =>
  new Promise((answer) => {
    const question = { text, answer };
    if (busy < MOST_THREADS) ask(question);
    else waiting.push(question);
  });
