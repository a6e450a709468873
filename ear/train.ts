import { writeFileSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { parseArgs } from 'node:util';
import { Worker } from 'node:worker_threads';
import { storedEar } from '../src/core/listen/index.ts';
import type { Examples } from './examples.ts';
import { withoutKinds } from './heldOut.ts';
import { learnt } from './learn.ts';

// ./gander train-ear: makes sounds, learns from them and writes the ear. Seeded: the same command makes the same ear.
const { values } = parseArgs({
  options: {
    clips: { type: 'string', default: '900' },
    epochs: { type: 'string', default: '6' },
    seed: { type: 'string', default: '3' },
    without: { type: 'string', default: 'none' },
    to: { type: 'string', default: 'src/workers/ear/ear.json' },
  },
});
const [clips, epochs, seed] = [values.clips, values.epochs, values.seed].map(Number) as [number, number, number];
const kinds = withoutKinds(values.without);
const threads = availableParallelism();
const seeds = Array.from({ length: clips }, (_, i) => seed * 100_000 + i);

const parts = await Promise.all(
  Array.from({ length: threads }, (_, t) => {
    const own = seeds.filter((_each, i) => i % threads === t);
    return new Promise<Examples[]>((resolve, reject) => {
      const worker = new Worker(new URL('./examplesWorker.mjs', import.meta.url), {
        workerData: { seeds: own, kinds },
      });
      worker.once('message', resolve);
      worker.once('error', reject);
    });
  }),
);
const all = parts.flat();
const width = all[0]?.width ?? 0;
const examples: Examples = {
  width,
  features: joined(all.map(({ features }) => features)),
  labels: Uint8Array.from(all.flatMap(({ labels }) => [...labels])),
};
const counts = [0, 1, 2].map((label) => examples.labels.filter((each) => each === label).length);
console.log(`${clips} clips: ${counts.join(', ')} onsets of nothing, first and second crack; ${width} features`);
writeFileSync(values.to, `${JSON.stringify(storedEar(learnt(examples, epochs, seed, console.log)))}\n`);
console.log(`${values.to} is written.`);

function joined(arrays: readonly Float32Array[]): Float32Array {
  const out = new Float32Array(arrays.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const each of arrays) {
    out.set(each, at);
    at += each.length;
  }
  return out;
}
