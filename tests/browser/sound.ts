import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type Browser, chromium } from 'playwright-core';
import { CHROMIUM, FLAGS } from './harness.ts';

/** A Chromium whose microphone hears these samples, again and again from when it is opened. */
export function openHearing(samples: Float32Array, sampleRate: number): Promise<Browser> {
  const heard = `--use-file-for-fake-audio-capture=${wavFile(samples, sampleRate)}`;
  return chromium.launch({ executablePath: CHROMIUM, args: [...FLAGS, '--use-fake-device-for-media-stream', heard] });
}

/** Writes samples as a WAV file of 16 bits, mono; its path. */
function wavFile(samples: Float32Array, sampleRate: number): string {
  const data = Buffer.alloc(44 + 2 * samples.length);
  data.write('RIFF', 0);
  data.writeUInt32LE(data.length - 8, 4);
  data.write('WAVEfmt ', 8);
  data.writeUInt32LE(16, 16);
  data.writeUInt16LE(1, 20);
  data.writeUInt16LE(1, 22);
  data.writeUInt32LE(sampleRate, 24);
  data.writeUInt32LE(sampleRate * 2, 28);
  data.writeUInt16LE(2, 32);
  data.writeUInt16LE(16, 34);
  data.write('data', 36);
  data.writeUInt32LE(2 * samples.length, 40);
  samples.forEach((sample, i) => {
    data.writeInt16LE(Math.round(32_767 * Math.max(-1, Math.min(1, sample))), 44 + 2 * i);
  });
  const path = join(mkdtempSync(join(tmpdir(), 'gander-sound-')), 'roast.wav');
  writeFileSync(path, data);
  return path;
}
