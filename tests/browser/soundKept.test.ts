import assert from 'node:assert/strict';
import { after, before, describe, it } from 'node:test';
import type { Browser, Page } from 'playwright-core';
import { seededRandom } from '@/core/chance';
import { RATE, toLoudness, whole } from '../../ear/sounds/draw.ts';
import { gearNoises } from '../../ear/sounds/gear.ts';
import { beansIn, firstThings, storedRoasts } from './deeds.ts';
import { PERSON, type Served, serveApp } from './harness.ts';
import { openHearing } from './sound.ts';

let app: Served;
let browser: Browser;
before(async () => {
  app = await serveApp('ask');
  browser = await openHearing(toLoudness(gearNoises.flame(seededRandom(3), whole(10)), 0.05), RATE);
});
after(async () => {
  await browser.close();
  await app.stop();
});

const soundsKept = (page: Page) =>
  page.evaluate(
    () =>
      new Promise<number>((resolve, reject) => {
        const opening = indexedDB.open('gander');
        opening.onerror = () => reject(opening.error);
        opening.onsuccess = () => {
          const count = opening.result.transaction('sounds').objectStore('sounds').count();
          count.onsuccess = () => resolve(count.result);
        };
      }),
  );

describe('the sound of a roast', () => {
  it('is kept where it is wanted, survives a reload, plays from the ribbon, is heard again and deleted', async () => {
    const context = await browser.newContext({ baseURL: app.address, ...PERSON, permissions: ['microphone'] });
    const page = await context.newPage();
    page.setDefaultTimeout(60_000);
    await firstThings(page);
    await page.goto('/files/');
    await page.getByLabel(/^Keep the sound of a roast/).click();
    await page.getByText('until I delete it').waitFor();
    await page.goto('/roast/');
    await page.getByRole('button', { name: 'Preheat first' }).click();
    await page.getByRole('button', { name: 'More', exact: true }).click();
    await page.getByRole('button', { name: 'Listen', exact: true }).click();
    // The preheat is no part of it; nor is what followed a charge that was taken back.
    await page.getByText('Listening', { exact: true }).waitFor();
    await page.waitForTimeout(5000);
    assert.equal(await soundsKept(page), 0);
    await page.keyboard.press('Space');
    await page.getByText('Listening, kept').waitFor();
    await page.waitForTimeout(1000);
    assert.equal(await soundsKept(page), 1);
    await page.keyboard.press('u');
    await page.getByText('Listening', { exact: true }).waitFor();
    for (let tries = 0; tries < 40 && (await soundsKept(page)) > 0; tries++) await page.waitForTimeout(50);
    assert.equal(await soundsKept(page), 0);
    await beansIn(page);
    await page.getByText('Listening, kept').waitFor();
    await page.waitForTimeout(6000);
    // In the middle of it: what was written stays, and it goes on by itself.
    await page.reload();
    await page.getByText('Listening, kept').waitFor();
    // A second tab listens too; one keeps the sound.
    const second = await context.newPage();
    await second.goto(page.url());
    await second.getByText('Listening, kept').waitFor();
    await page.waitForTimeout(5000);
    await second.close();
    // Yellow, first crack, and the pull, which takes two.
    for (const _ of [1, 2, 3, 4]) {
      await page.keyboard.press('Space');
      await page.waitForTimeout(700);
    }
    await page.getByText('Listening, kept').waitFor({ state: 'hidden' });
    const [roast] = await storedRoasts(page);
    await page.goto(`/journal/roast/?id=${roast?.id}`);
    await page.getByText(/Its sound takes 0\.\d MB and stays until/).waitFor();
    assert.equal(await soundsKept(page), 2, 'before the reload and after it, in the one tab alone');

    const clock = () => page.locator('.num', { hasText: /^\d+:\d\d$/ }).first();
    const before = await page.getByLabel('Where it plays').inputValue();
    await page.getByRole('button', { name: 'Play the sound' }).click();
    await page.getByRole('button', { name: 'Pause the sound' }).waitFor();
    await page.waitForFunction(
      (from) => Number((document.querySelector('input[type=range]') as HTMLInputElement).value) > Number(from) + 1,
      before,
    );
    await page.getByRole('button', { name: 'Pause the sound' }).click();
    await clock().waitFor();
    // A press far to the left plays from there, in the first of the two stretches.
    await page.getByLabel('Where it plays').fill('2');
    await page.getByRole('button', { name: 'Pause the sound' }).waitFor();
    await page.getByRole('button', { name: 'Pause the sound' }).click();
    const atS = Number(await page.getByLabel('Where it plays').inputValue());
    assert.ok(atS >= 1.5 && atS < 6, `plays at ${atS}`);

    await page.getByRole('button', { name: 'Listen again' }).click();
    await page.getByText(/^It hears \d+ cracks? now; \d+ before\./).waitFor();
    await page.goto('/files/');
    await page.getByLabel(/^With the kept sound of 1 roast/).check();
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save the notebook' }).click(),
    ]);
    assert.match(download.suggestedFilename(), /^gander-notebook-[\d-]+\.gander\.zip$/);
    await page.locator('input[type=file]').setInputFiles((await download.path()) as string);
    await page.getByText('the sound of 1 roast', { exact: true }).waitFor();
    await page.goto(`/journal/roast/?id=${roast?.id}`);
    await page.getByRole('button', { name: 'Delete the sound' }).click();
    await page.getByRole('button', { name: 'Delete for good' }).click();
    await page.getByText(/Its sound takes/).waitFor({ state: 'hidden' });
    await page.goto('/files/');
    await page.getByText('How Gander listens').waitFor();
    assert.equal(await page.getByText(/^The sound of/).count(), 0);
    await context.close();
  });
});
