import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import decode from 'audio-decode';
import type { Random } from '../../src/core/chance/index.ts';
import { between, chance, pick, RATE, ratioBetween, toPeak } from './draw.ts';

/** Recorded noises, all takes of one sort together. Samples at the common rate, peak 1. */
export type Clips = readonly (readonly Float32Array[])[];

/** Reads the noises that gather-clips.sh put into a folder; files that differ only in a number are takes of one sort. */
export async function readClips(folder: string): Promise<Clips> {
  const sorts = new Map<string, Float32Array[]>();
  for (const file of (await readdir(folder)).sort()) {
    const { channelData, sampleRate } = await decode(await readFile(join(folder, file)));
    const [sound] = channelData;
    if (!sound || sound.length === 0) throw new Error(`${file} has no sound in it.`);
    const sort = file.replace(/[-\d]*\.\w+$/, '');
    sorts.set(sort, [...(sorts.get(sort) ?? []), shared(toPeak(atSpeed(sound, sampleRate / RATE)))]);
  }
  return [...sorts.values()];
}

/** All threads read one copy. */
function shared(sound: Float32Array): Float32Array {
  const copy = new Float32Array(new SharedArrayBuffer(sound.byteLength));
  copy.set(sound);
  return copy;
}

/** Played so many times as fast; between samples the line is straight. */
function atSpeed(sound: Float32Array, speed: number): Float32Array {
  return Float32Array.from({ length: Math.max(1, Math.floor((sound.length - 1) / speed)) }, (_, i) => {
    const at = Math.floor(i * speed);
    const [here, next] = [sound[at] as number, sound[at + 1] as number];
    return here + (next - here) * (i * speed - at);
  });
}

/** Plays takes of one sort again and again, each from anywhere and at its own pace, with or without rests. */
export function addClip(into: Float32Array, random: Random, fromS: number, toS: number, clips: Clips): void {
  const takes = pick(random, clips);
  const speed = ratioBetween(random, 0.75, 1.35);
  const restS = chance(random, 0.5) ? 0 : ratioBetween(random, 0.05, 2);
  const end = Math.min(into.length, Math.round(toS * RATE));
  for (let at = Math.round(fromS * RATE); at < end; ) {
    const sound = atSpeed(pick(random, takes), speed * ratioBetween(random, 0.95, 1.05));
    // A short one is a single knock or snap and begins where it begins.
    const from = sound.length < RATE / 2 ? 0 : Math.floor(random() * sound.length * 0.7);
    const gain = between(random, 0.5, 1);
    const length = Math.min(sound.length - from, end - at);
    for (let i = 0; i < length; i++) into[at + i] = (into[at + i] as number) + gain * (sound[from + i] as number);
    at += Math.max(1, length) + Math.round(restS * ratioBetween(random, 0.3, 3) * RATE);
  }
}
