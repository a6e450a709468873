import { parentPort, workerData } from 'node:worker_threads';
import { register } from 'tsx/esm/api';

register();
const { examplesOf } = await import('./examples.ts');
parentPort.postMessage(workerData.seeds.map((seed) => examplesOf([seed], workerData.kinds)));
