import { writeFileSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { parseArgs } from 'node:util';
import { Worker } from 'node:worker_threads';
import { type Net, storedEar } from '../src/core/listen/index.ts';
import type { Examples } from './examples.ts';
import { withoutKinds } from './heldOut.ts';
import { lessonsOf } from './learn.ts';
import { readClips } from './sounds/clips.ts';

// ./gander train-ear --noises FOLDER: makes sounds, learns from them and writes the ear. Seeded: the same command makes the same
// ear, with the noises that gather-clips.sh puts into a folder.
const { values } = parseArgs({
  options: {
    clips: { type: 'string', default: '2600' },
    epochs: { type: 'string', default: '8' },
    seed: { type: 'string', default: '11' },
    noises: { type: 'string' },
    without: { type: 'string', default: 'none' },
    to: { type: 'string', default: 'src/workers/ear/ear.json' },
  },
});
const [count, epochs, seed] = [values.clips, values.epochs, values.seed].map(Number) as [number, number, number];
const clips = values.noises === undefined ? undefined : await readClips(values.noises);
const kinds = { ...withoutKinds(values.without), clips };
/** Their answers are averaged. */
const NETS = 3;
const threads = availableParallelism();
const seeds = Array.from({ length: count }, (_, i) => seed * 100_000 + i);

const parts = await Promise.all(
  Array.from({ length: threads }, (_, t) =>
    inThread<Examples[]>(new URL('./examplesWorker.mjs', import.meta.url), {
      seeds: seeds.filter((_each, i) => i % threads === t),
      kinds,
    }),
  ),
);
const all = parts.flat();
const width = all[0]?.width ?? 0;
const examples: Examples = {
  width,
  features: joined(all.map(({ features }) => features)),
  labels: Uint8Array.from(all.flatMap(({ labels }) => [...labels])),
};
const counts = [0, 1, 2].map((label) => examples.labels.filter((each) => each === label).length);
console.log(`${count} clips: ${counts.join(', ')} onsets of nothing, first and second crack; ${width} features`);
const { ear, lessons } = lessonsOf(examples);
const nets = await Promise.all(
  Array.from({ length: NETS }, (_, n) =>
    inThread<Net>(new URL('./netWorker.mjs', import.meta.url), { lessons, epochs, seed: seed + 101 * n }),
  ),
);
writeFileSync(values.to, `${JSON.stringify(storedEar({ ...ear, nets }))}\n`);
console.log(`${values.to} is written.`);

function inThread<T>(file: URL, workerData: unknown): Promise<T> {
  return new Promise((resolve, reject) => {
    const worker = new Worker(file, { workerData });
    worker.once('message', resolve);
    worker.once('error', reject);
  });
}

function joined(arrays: readonly Float32Array[]): Float32Array {
  const out = new Float32Array(arrays.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const each of arrays) {
    out.set(each, at);
    at += each.length;
  }
  return out;
}
