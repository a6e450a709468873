import assert from 'node:assert/strict';
import { after, before, describe, it } from 'node:test';
import type { Browser } from 'playwright-core';
import { seededRandom } from '@/core/chance';
import { addAt, RATE, toLoudness, whole } from '../../ear/sounds/draw.ts';
import { gearNoises } from '../../ear/sounds/gear.ts';
import { whistle } from '../../ear/sounds/whistle.ts';
import { beansIn, firstThings, storedRoasts } from './deeds.ts';
import { PERSON, type Served, serveApp } from './harness.ts';
import { openHearing } from './sound.ts';

// A flame, a whistle after nine seconds, two after eighteen; again and again.
const ONE_S = 9;
const TWO_S = 18;
const random = seededRandom(8);
const sound = toLoudness(gearNoises.flame(random, whole(26)), 0.02);
const one = whistle(random);
for (const at of [ONE_S, TWO_S, TWO_S + one.length / RATE + 0.3]) addAt(sound, one, at, 0.15);

let app: Served;
let browser: Browser;
before(async () => {
  app = await serveApp('ask');
  browser = await openHearing(sound, RATE);
});
after(async () => {
  await browser.close();
  await app.stop();
});

describe('whistling', () => {
  it('is taught in Practice; charges, marks and takes back at the heat once it is switched on', async () => {
    const context = await browser.newContext({ baseURL: app.address, ...PERSON, permissions: ['microphone'] });
    const page = await context.newPage();
    page.setDefaultTimeout(60_000);
    await firstThings(page);

    await page.goto('/practice/');
    await page.getByRole('button', { name: 'Try a whistle' }).click();
    await page.getByText('One whistle: that marks. Now two in a row.').waitFor();
    await page.getByText('Two whistles: they take back. You have it.').waitFor();

    await page.goto('/files/');
    await page.getByLabel(/A short whistle marks what comes next/).click();
    // It is ticked once it is stored.
    await page.locator('label:has-text("A short whistle") input:checked').waitFor();
    await page.goto('/roast/');
    await page.getByRole('button', { name: 'Preheat first' }).click();
    await page.getByRole('button', { name: 'More', exact: true }).click();
    await page.getByRole('button', { name: 'Listen', exact: true }).click();
    await page.getByText('A whistle: beans in. Two take it back.').waitFor();
    const toldMs = await page.evaluate(() => Date.now());
    const [charged] = await storedRoasts(page);
    // The beans went in with the whistle, not once silence had told that only one was meant.
    const lateMs = toldMs - Date.parse(charged?.chargedAt ?? '');
    assert.ok(lateMs > 800 && lateMs < 5000, `charged ${lateMs} ms before it was told`);
    await page.getByText('Two whistles: taken back.').waitFor();
    await page.getByRole('heading', { name: 'Preheating' }).waitFor();
    await beansIn(page);
    // So early a yellow is asked about, above the words for the whistle.
    await page.getByRole('heading', { name: 'Browning' }).waitFor();
    const [marked] = await storedRoasts(page);
    const yellow = marked?.entries.find(({ milestone }) => milestone === 'yellow');
    assert.ok(yellow && yellow.at > 5, `yellow at ${yellow?.at}`);
    await page.getByText('Two whistles: taken back.').waitFor();
    const [taken] = await storedRoasts(page);
    assert.ok(taken?.entries.some(({ kind }) => kind === 'undo'));
    await context.close();
  });
});
