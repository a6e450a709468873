import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { readEar } from '../src/core/listen/index.ts';
import { heldOut } from './heldOut.ts';
import { allKinds } from './scene.ts';
import { figuresOf, trials } from './trial.ts';

// Tries an ear on scenes, printing each: node --import tsx ear/try.ts --ear FILE --fold a --roasts 10 --empty 6
const { values } = parseArgs({
  options: {
    ear: { type: 'string', default: 'src/workers/ear/ear.json' },
    fold: { type: 'string', default: 'none' },
    roasts: { type: 'string', default: '10' },
    empty: { type: 'string', default: '6' },
    seed: { type: 'string', default: '5' },
  },
});
const ear = readEar(JSON.parse(readFileSync(values.ear, 'utf8')));
const kinds = heldOut[values.fold] ?? allKinds;
const all = [];
for (const trial of trials(ear, kinds, Number(values.seed), Number(values.roasts), Number(values.empty))) {
  const shown = (key: 'firstCrack' | 'firstCrackEnd' | 'secondCrack') =>
    `${trial.truth[key]?.toFixed(0) ?? '–'}/${trial.heard[key]?.toFixed(0) ?? '–'}`;
  const { gear, microphone, style, kitchen } = trial.made;
  console.log(
    `${trial.snrDb.toFixed(0)} dB ${[gear, microphone, style, ...kitchen].join(' ')}: first ${shown('firstCrack')} end ${shown('firstCrackEnd')} second ${shown('secondCrack')}, ${trial.hits} of ${trial.cracks} cracks, ${trial.told} told`,
  );
  all.push(trial);
}
console.log(
  JSON.stringify(figuresOf(all), (_, value) => (typeof value === 'number' ? Number(value.toFixed(2)) : value)),
);
