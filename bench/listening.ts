import { readFileSync } from 'node:fs';
import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import { allKinds } from '../ear/scene.ts';
import { figuresOf, trials } from '../ear/trial.ts';
import { type Ear, Listener, RenderedBeans, readEar } from '../src/core/listen/index.ts';
import { type Figure, printFigures } from './report.ts';

const ROASTS = 12;
const KITCHENS = 10;
/** Scenes that nobody looked at while the ear was made. */
const SEED = 20_261_128;

/** How the ear does on scenes that it was not trained on; their kinds of sound it knows. */
export function printListening(): void {
  const ear = readEar(JSON.parse(readFileSync('src/workers/ear/ear.json', 'utf8')));
  const all = [...trials(ear, allKinds, SEED, ROASTS, KITCHENS)];
  const { firstCrack, firstCrackEnd, secondCrack, falseKitchens, toldAfterS, f1, speed } = figuresOf(all);
  const percent = (what: string, share: number | undefined, least: number): Figure => ({
    what,
    value: 100 * (share ?? Number.NaN),
    unit: '%',
    least,
  });
  printFigures(`Listening: ${all.length} scenes that the ear was not trained on`, [
    percent('first crack within 10 s of the truth', firstCrack, 80),
    percent('its end within 10 s', firstCrackEnd, 72),
    percent('second crack within 10 s', secondCrack, 56),
    {
      what: 'kitchens without beans with a false milestone',
      value: 100 * (falseKitchens ?? Number.NaN),
      unit: '%',
      most: 10,
    },
    {
      what: 'first crack told after it began to roll, median',
      value: toldAfterS.median ?? Number.NaN,
      unit: 's',
      most: 12,
    },
    { what: 'the same, nine in ten', value: toldAfterS.ninth ?? Number.NaN, unit: 's', most: 17 },
    percent('cracks to 50 ms, F1, all', f1.all, 60),
    percent('cracks to 50 ms, F1, easy', f1.easy, 80),
    percent('cracks to 50 ms, F1, medium', f1.medium, 55),
    { what: 'one thread, times real time', value: speed ?? Number.NaN, unit: '×', least: 60 },
    { what: 'memory that ten more minutes of cracks take', value: growthKb(ear), unit: 'kB', most: 50 },
  ]);
}

const RATE = 48_000;
/** So long until all that is remembered for a while is there, and so long after it, seconds. */
const FULL_S = 300;
const MORE_S = 600;

/** By how much a listener grows that hears three cracks a second for ten minutes, once its memory is full, kB. */
function growthKb(ear: Ear): number {
  setFlagsFromString('--expose-gc');
  const collect = runInNewContext('gc') as () => void;
  const listener = new Listener({ sampleRate: RATE, ear });
  const beans = new RenderedBeans(RATE, SEED);
  const hear = (seconds: number) => {
    for (let s = 0; s < seconds; s++)
      listener.push(beans.second([0.1, 0.4, 0.8].map((at) => ({ at, kind: s % 2 === 0 ? 'first' : 'second' }))));
    collect();
    const { heapUsed, arrayBuffers } = process.memoryUsage();
    return heapUsed + arrayBuffers;
  };
  const full = hear(FULL_S);
  return Math.max(0, hear(MORE_S) - full) / 1024;
}
