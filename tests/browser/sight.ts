import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type Browser, chromium } from 'playwright-core';
import sharp from 'sharp';
import { trayPhoto } from '@/core/simulate';
import { CHROMIUM, FLAGS } from './harness.ts';

/** A drawn tray of medium beans as a JPEG, four in five of them even; `orientation` as a camera that was turned writes it. */
export function trayJpeg(orientation?: number): Promise<Buffer> {
  const { width, height, rgba } = trayPhoto({ count: 80, lightness: 31, spread: 2, scorchedShare: 0, paleShare: 0 }, 5);
  const plain = sharp(Buffer.from(rgba), { raw: { width, height, channels: 4 } }).removeAlpha();
  // A quarter turn to the left, which the camera says is to be turned back.
  const turned = orientation === 6 ? plain.rotate(-90) : plain;
  return turned
    .jpeg({ quality: 90 })
    .withMetadata({ orientation: orientation ?? 1 })
    .toBuffer();
}

/** A Chromium whose camera sees this JPEG, again and again. */
export function openSeeing(jpeg: Buffer): Promise<Browser> {
  const path = join(mkdtempSync(join(tmpdir(), 'gander-sight-')), 'tray.mjpeg');
  writeFileSync(path, Buffer.concat([jpeg, jpeg, jpeg]));
  const args = [
    ...FLAGS,
    '--use-fake-ui-for-media-stream',
    '--use-fake-device-for-media-stream',
    `--use-file-for-fake-video-capture=${path}`,
  ];
  return chromium.launch({ executablePath: CHROMIUM, args });
}
