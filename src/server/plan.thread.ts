import { parentPort } from 'node:worker_threads';
import { planDocument } from './planDocument';

parentPort?.on('message', (text: string) => parentPort?.postMessage(planDocument(text)));
