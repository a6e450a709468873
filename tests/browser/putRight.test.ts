import assert from 'node:assert/strict';
import { after, before, describe, it } from 'node:test';
import type { Page } from 'playwright-core';
import { milestonesOfRoast, type Roast } from '@/core/roast';
import { storedRoasts } from './deeds.ts';
import { PHONE, type Served, serveApp } from './harness.ts';

let demo: Served;
before(async () => {
  demo = await serveApp('demo');
});
after(() => demo.stop());

/** The page of the newest roast. */
async function newestRoast(page: Page): Promise<void> {
  await page.goto('/journal/');
  await page.locator('a[href^="/journal/roast/"]').first().click();
  await page.getByText('What happened').waitFor();
}
async function shownRoast(page: Page): Promise<Roast> {
  const id = new URL(page.url()).searchParams.get('id');
  const roast = (await storedRoasts(page, 'gander-demo')).find((each) => each.id === id);
  assert.ok(roast);
  return roast as unknown as Roast;
}
const undo = (page: Page) => page.getByRole('status').getByRole('button', { name: 'Undo', exact: true }).click();

describe('every fact can be put right', () => {
  it('beans, gear, weight, shade, day and air; one undo takes back that and no newer word', async () => {
    const { page, close } = await demo.open();
    await newestRoast(page);
    const before = await shownRoast(page);
    await page.getByRole('button', { name: 'Put the facts right' }).click();
    await page.getByLabel('Green weight').fill('lots');
    await page.getByRole('button', { name: 'Keep it so' }).click();
    await page.getByRole('alert').first().waitFor();
    await page.getByLabel('Green weight').fill('250 g');
    await page.getByLabel('Day', { exact: true }).fill('2026-11-20');
    await page.getByLabel('Air around the gear').fill('-3');
    await page.getByLabel('Shade that was wanted').selectOption('3');
    await page.getByRole('button', { name: 'Keep it so' }).click();
    await page.getByText(/put right: green weight, wanted shade, air, time\./).waitFor();
    const after = await shownRoast(page);
    assert.equal(after.greenGrams, 250);
    assert.equal(after.wantedShade, 3);
    assert.equal(after.ambientC, -3);
    assert.match(after.chargedAt ?? '', /^2026-11-20T/);
    assert.equal(after.chargedAt?.slice(11, 16), before.chargedAt?.slice(11, 16));
    assert.deepEqual(milestonesOfRoast(after), milestonesOfRoast(before), 'the log counts from Beans in');
    await page.getByRole('button', { name: '4 of 5' }).click();
    await undo(page);
    await page.getByText(/^Taken back:/).waitFor();
    const back = await shownRoast(page);
    assert.equal(back.greenGrams, before.greenGrams);
    assert.equal(back.chargedAt, before.chargedAt);
    assert.equal(back.stars, 4, 'what came later stays');
    await page.getByRole('button', { name: 'Put the facts right' }).click();
    await page.getByLabel('Green weight').fill('222 g');
    // Said beside an open dialog, and pressed without leaving it.
    await page.getByRole('button', { name: 'Do it again' }).click();
    await page.waitForFunction(() => document.querySelector('h1')?.textContent?.includes('250 g'));
    assert.equal(await page.getByLabel('Green weight').inputValue(), '222 g');
    await close();
  });

  it('what was seen and done at the heat: added, said otherwise, taken out, asked about', async () => {
    const { page, close } = await demo.open();
    await newestRoast(page);
    const add = async (what: string, at: string) => {
      await page.getByLabel('What was forgotten').selectOption({ label: what });
      await page.getByLabel('Its time').fill(at);
      await page.getByRole('button', { name: 'Add', exact: true }).click();
    };
    await add('pull of a part', '13:00');
    await page.getByLabel('Roasted weight, part 1').fill('60');
    await page.getByLabel('Roasted weight, part 1').press('Enter');
    await page.getByRole('group', { name: 'Shade of part 1 as it turned out' }).waitFor();
    await page.getByRole('button', { name: 'Take out pull of a part' }).click();
    await page.getByLabel('Roasted weight, part 1').waitFor({ state: 'hidden' });
    await add('a reading', '3:00');
    await page.getByText('a temperature such as').waitFor();
    await page.getByLabel('The reading').fill('151');
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await page.getByRole('button', { name: 'Change reading 151 °C at 3:00' }).click();
    await page.getByLabel('The reading').first().fill('148');
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await page.getByRole('button', { name: 'Change reading 148 °C at 3:00' }).waitFor();
    await add('a smell', '3:01');
    await page.getByRole('button', { name: 'Change smell of toast at 3:01' }).click();
    await page.getByLabel('Smell of').first().selectOption('sweet');
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await page.getByRole('button', { name: 'Take out smell of sweet at 3:01' }).click();
    await page.getByRole('button', { name: 'Change smell of sweet at 3:01' }).waitFor({ state: 'hidden' });
    await add('second crack', '999999');
    await page.getByText('a day after').waitFor();
    await add('second crack', '1:00');
    await page.getByText(/Second crack at 1:00, before/).waitFor();
    await page.getByRole('button', { name: 'Take it back' }).click();
    await page.getByText(/Second crack at 1:00, before/).waitFor({ state: 'hidden' });
    await close();
  });
});

describe('undo', () => {
  it('is offered once for twelve seconds, and then from the list of what was done', async () => {
    const { page, close } = await demo.open();
    await page.clock.install();
    await page.goto('/larder/');
    await newestRoast(page);
    const before = await shownRoast(page);
    await page.getByRole('button', { name: 'Put the facts right' }).click();
    await page.getByLabel('Green weight').fill('111 g');
    await page.getByRole('button', { name: 'Keep it so' }).click();
    await page.getByText('put right: green weight.').waitFor();
    await page.clock.runFor(8000);
    await page.goto('/gear/');
    await page.getByText('put right: green weight.').waitFor();
    await page.clock.runFor(8000);
    await page.getByText('put right: green weight.').waitFor({ state: 'hidden' });
    await page.goto('/files/');
    const lately = page.getByRole('region', { name: 'Done lately' });
    await lately
      .getByRole('listitem')
      .filter({ hasText: 'green weight' })
      .getByRole('button', { name: 'Undo' })
      .click();
    await page
      .getByText(/^Taken back:/)
      .first()
      .waitFor();
    await page.goto(`/journal/roast/?id=${encodeURIComponent(before.id)}`);
    assert.equal((await shownRoast(page)).greenGrams, before.greenGrams);
    await close();
  });

  it('is out of the way at the heat: nothing said before lies over a mark', async () => {
    const { page, close } = await demo.open({ viewport: PHONE });
    await newestRoast(page);
    await page.getByRole('button', { name: 'Put the facts right' }).click();
    await page.getByLabel('Green weight').fill('112 g');
    await page.getByRole('button', { name: 'Keep it so' }).click();
    await page.getByText('put right: green weight.').waitFor();
    await page.goto('/plan/');
    await page.getByText('put right: green weight.').waitFor();
    await page.getByRole('button', { name: 'Beans in' }).click();
    await page.getByRole('timer').waitFor();
    assert.equal(await page.getByText('put right: green weight.').count(), 0);
    await close();
  });
});
