import { readFile } from 'node:fs/promises';
import decode from 'audio-decode';
import { Listener, readEar } from '../src/core/listen/index.ts';
import ear from '../src/workers/ear/ear.json' with { type: 'json' };

// ./gander listen FILE: what Gander hears in a sound file, as lines of JSON.
const [path] = process.argv.slice(2);
if (!path) fail('Name a sound file: ./gander listen FILE. It may be WAV, FLAC or Opus.');

const bytes = await readFile(path).catch(() => fail(`There is no file ${path}.`));
const sound = await decode(bytes).catch(() => fail(`${path} cannot be read as sound. WAV, FLAC and Opus can.`));
const [first, ...others] = sound.channelData;
if (!first || first.length === 0) fail(`${path} has no sound in it.`);

// Of several channels the mean is heard.
const samples =
  others.length === 0
    ? first
    : first.map((sample, i) => others.reduce((sum, each) => sum + (each[i] ?? 0), sample) / (others.length + 1));
const listener = new Listener({ sampleRate: sound.sampleRate, ear: readEar(ear) });
for (const { at, kind, sure } of listener.push(samples))
  console.log(JSON.stringify({ at: Number(at.toFixed(3)), kind, sure: Number(sure.toFixed(3)) }));
const { course, hearsSecond } = listener.state();
console.log(JSON.stringify(course));
if (!hearsSecond)
  console.error(
    `Recorded at ${sound.sampleRate} Hz: so little of second crack is in it that it cannot be told surely.`,
  );

function fail(words: string): never {
  console.error(words);
  process.exit(1);
}
