import { parentPort, workerData } from 'node:worker_threads';
import { register } from 'tsx/esm/api';

register();
const { learntNet } = await import('./learn.ts');
const { lessons, epochs, seed } = workerData;
parentPort.postMessage(learntNet(lessons, epochs, seed, console.log));
