import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from 'playwright-core';
import sharp from 'sharp';
import type { Served } from '../tests/browser/harness.ts';
import { trayJpeg } from '../tests/browser/sight.ts';
import { type Figure, quantile } from './report.ts';

/** Twelve megapixels. */
const SIZE = { width: 4000, height: 3000 };
const TIMES = 5;
/** Somebody opens the page, reads, and takes out the phone. */
const SETTLED_MS = 2500;
/** Nobody finds a photo among others faster. */
const CHOOSING_MS = 2000;

/** From a photo's file to the answer in the page of a roast, the page new each time, and what the page's own thread did meanwhile. */
export async function largePhotoFigures(app: Served): Promise<Figure[]> {
  const path = join(mkdtempSync(join(tmpdir(), 'gander-photo-')), 'large.jpg');
  // What is only made larger is smoother than any camera's picture, and sooner read.
  const grain = await sharp({
    create: { ...SIZE, channels: 3, background: '#808080', noise: { type: 'gaussian', mean: 128, sigma: 8 } },
  })
    .png()
    .toBuffer();
  await sharp(await trayJpeg())
    .resize(SIZE)
    .composite([{ input: grain, blend: 'soft-light' }])
    .jpeg({ quality: 92 })
    .toFile(path);
  const times: number[] = [];
  let blockedMs = 0;
  for (let k = 0; k < TIMES; k++) {
    const { page, close } = await app.open();
    await aRoastPage(page);
    await page.evaluate(() => {
      new PerformanceObserver((list) => {
        for (const { duration } of list.getEntries()) performance.mark('blocked', { detail: duration });
      }).observe({ type: 'longtask' });
    });
    const section = page.getByRole('region', { name: 'Look at the beans' });
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      section.getByText('Choose a photo', { exact: true }).click(),
    ]);
    await page.waitForTimeout(CHOOSING_MS);
    const begun = performance.now();
    await chooser.setFiles(path);
    await section.getByRole('img', { name: /with the light taken out/ }).waitFor();
    times.push(performance.now() - begun);
    const blocked = await page.evaluate(() =>
      performance.getEntriesByName('blocked').map((each) => (each as PerformanceMark).detail as number),
    );
    blockedMs = Math.max(blockedMs, ...blocked);
    await close();
  }
  return [
    {
      what: 'a photo of 12 megapixels, file to answer, median of 5',
      value: quantile(times, 0.5) / 1000,
      most: 1.5,
      unit: 's',
    },
    { what: 'the page’s own thread meanwhile, longest task', value: blockedMs, most: 50, unit: 'ms' },
  ];
}

/** The page of a roast that nobody has taken a photo of. */
async function aRoastPage(page: Page): Promise<void> {
  await page.goto('/journal/');
  const roasts = page.locator('ol a[href*="/journal/roast/"]');
  await roasts.first().waitFor();
  for (const href of await roasts.evaluateAll((all) => all.map((each) => each.getAttribute('href') as string))) {
    await page.goto(href);
    await page.waitForTimeout(SETTLED_MS);
    const section = page.getByRole('region', { name: 'Look at the beans' });
    const canChoose = (await section.getByLabel('Choose a photo', { exact: true }).count()) === 1;
    if (canChoose && (await section.getByRole('img').count()) === 0) return;
  }
  throw new Error('No roast without a photo');
}
