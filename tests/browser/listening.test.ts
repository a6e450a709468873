import assert from 'node:assert/strict';
import { after, before, describe, it } from 'node:test';
import type { Browser } from 'playwright-core';
import { makeScene } from '../../ear/scene.ts';
import { beansIn, firstThings, storedRoasts } from './deeds.ts';
import { PERSON, type Served, serveApp } from './harness.ts';
import { openHearing } from './sound.ts';

// A roast of one's own making comes in by the device's microphone: half a minute of a flame, then pops.
const ROLLS_FROM_S = 26;
const scene = makeScene(41, {
  seconds: 100,
  snrDb: 26,
  rates: (at) => ({ first: at > ROLLS_FROM_S && at < 75 ? 2.2 : 0, second: 0 }),
  kinds: { cracks: ['burst'], gear: ['flame'], kitchen: [], microphones: ['flat'] },
});
// Somebody drops a pan beside the microphone before anything cracks.
const PAN_S = [2, 4] as const;
for (let i = PAN_S[0] * scene.sampleRate; i < PAN_S[1] * scene.sampleRate; i++) scene.samples[i] = i % 7 < 3 ? 1 : -1;

let app: Served;
let browser: Browser;
before(async () => {
  app = await serveApp('ask');
  browser = await openHearing(scene.samples, scene.sampleRate);
});
after(async () => {
  await browser.close();
  await app.stop();
});

async function atTheHeat(permissions: string[]) {
  const context = await browser.newContext({ baseURL: app.address, ...PERSON, permissions });
  const page = await context.newPage();
  page.setDefaultTimeout(60_000);
  await firstThings(page);
  await page.goto('/roast/');
  await beansIn(page);
  await page.getByRole('button', { name: 'More', exact: true }).click();
  return { page, close: () => context.close() };
}

describe('listening at the heat', () => {
  it('hears the cracks, proposes first crack with when it began, and takes it back with one press', async () => {
    const { page, close } = await atTheHeat(['microphone']);
    const listen = page.getByRole('button', { name: 'Listen', exact: true });
    await listen.click();
    const tooLoud = page.getByText('Too loud here for the microphone');
    await tooLoud.waitFor();
    // A slow machine opens its microphone seconds after the press: the pan, told about a second after it began, says when.
    const openedS = (await secondsIn(page.getByRole('timer').innerText())) - PAN_S[0] - 1;
    await tooLoud.waitFor({ state: 'hidden' });
    await page.getByText(/^I hear first crack since \d:\d\d\. Take it\?$/).waitFor();
    // A question that comes anew takes no press for a moment.
    await page.waitForTimeout(1200);
    await page.getByRole('button', { name: 'Take it', exact: true }).click();
    await page.getByRole('heading', { name: 'First crack' }).waitFor();
    const [roast] = await storedRoasts(page);
    const mark = roast?.entries.find(({ kind }) => kind === 'mark');
    const beganS = (scene.truth.firstCrack ?? 0) + openedS;
    assert.ok(mark && Math.abs(mark.at - beganS) < 4, `marked at ${mark?.at}, began about ${beganS}`);
    const heard = roast?.entries.filter(({ kind }) => kind === 'crack') as { source?: string }[];
    assert.ok(heard.length >= 8 && heard.every(({ source }) => source === 'microphone'));
    await page.getByRole('button', { name: /^Undo/ }).click();
    await page.getByRole('heading', { name: 'First crack' }).waitFor({ state: 'hidden' });
    // It listens on, more strictly: what was taken back is not asked again at once.
    await page.waitForTimeout(1500);
    assert.equal(await page.getByText(/^I hear first crack/).count(), 0);
    await page.getByRole('button', { name: 'Listens: on' }).click();
    await page.getByText('Listening', { exact: true }).waitFor({ state: 'hidden' });
    await close();
  });

  it('learns how the gear sounds, says it on the gear’s page, and listens by itself where the gear has it so', async () => {
    const { page, close } = await atTheHeat(['microphone']);
    await page.getByRole('button', { name: 'Listen', exact: true }).click();
    await page.getByText(/^I hear first crack since/).waitFor();
    await page.waitForTimeout(1200);
    await page.getByRole('button', { name: 'Take it', exact: true }).click();
    // What it learnt is written with the next cracks.
    await page.waitForTimeout(4000);
    await page.getByRole('button', { name: 'Listens: on' }).click();
    await page.getByRole('button', { name: 'Listen', exact: true }).waitFor();
    await page.waitForTimeout(1000);
    const [roast] = await storedRoasts(page);
    assert.ok(roast?.heard && roast.heard.cracksDb > 5, JSON.stringify(roast?.heard));
    const cracks = roast.entries.filter(({ kind }) => kind === 'crack');
    assert.ok(cracks.every((each) => 'likely' in each));
    const screen = page.url();
    await page.goto(`/gear/piece/?id=${roast.gearId}`);
    await page.getByText('Learnt from one roast whose first crack you took').waitFor();
    await page.getByText(new RegExp(`about ${Math.round(roast.heard.cracksDb)} dB louder than it`)).waitFor();
    await page.getByLabel('Listen at every roast on it').click();
    await page.getByText(/is listened to\.$/).waitFor();
    // This roast was told not to be listened to, and that holds.
    await page.goto(screen);
    await page.getByRole('button', { name: 'More', exact: true }).click();
    await page.getByRole('button', { name: 'Listen', exact: true }).waitFor();
    await close();
  });

  it('says what to do where the microphone is not allowed, and the roast goes on', async () => {
    const { page, close } = await atTheHeat([]);
    await page.getByRole('button', { name: 'Listen', exact: true }).click();
    await page.getByText(/^The microphone is not allowed\. Allow it/).waitFor();
    await page.getByText('Not listening').waitFor();
    await page.keyboard.press('Space');
    await page.getByRole('heading', { name: 'Browning' }).waitFor();
    await close();
  });
});

const secondsIn = async (clock: Promise<string>) => {
  const [minutes, seconds] = (await clock).split(':').map(Number);
  return (minutes ?? 0) * 60 + (seconds ?? 0);
};
