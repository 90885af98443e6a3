import type { Inflater } from '@/files/pdf';
import type { Inflated } from './inflate.worker';

/**
 * Inflates on a worker of its own, so that taking the bytes apart goes on beside it. The parts'
 * memory moves to that worker: they can be read no more here.
 */
export const inflateBeside: Inflater = (idat) => {
  const worker = new Worker(new URL('./inflate.worker.ts', import.meta.url), { type: 'module' });
  return new ReadableStream<Uint8Array>({
    start(stream) {
      worker.onmessage = ({ data }: MessageEvent<Inflated>) => {
        if (data instanceof Uint8Array) stream.enqueue(data);
        else if (data === null) stream.close();
        else stream.error(new Error(`The PNG cannot be unpacked: ${data}`));
      };
      worker.onerror = ({ message }) => stream.error(new Error(message));
      worker.postMessage(idat, [...new Set(idat.map(({ buffer }) => buffer as ArrayBuffer))]);
    },
    cancel: () => worker.terminate(),
  });
};
