import assert from 'node:assert/strict';
import { after, before, describe, it } from 'node:test';
import { beansIn, firstThings, openAt, pass } from './deeds.ts';
import { type Served, serveApp } from './harness.ts';

let empty: Served;
let demo: Served;
before(async () => {
  [empty, demo] = await Promise.all([serveApp('ask'), serveApp('demo')]);
});
after(async () => {
  await empty.stop();
  await demo.stop();
});

describe('the larder', () => {
  it('takes a lot by scoops through the plan to the roast, and its stock goes down', async () => {
    const { page, close } = await empty.open();
    await openAt(page, '/roast/');
    await firstThings(page);
    await page.goto('/larder/');
    await page.getByRole('button', { name: 'Add beans' }).click();
    await page.getByLabel('What you call these beans').fill('Kite Hill');
    await page.getByLabel('How much green you bought').fill('500 g');
    await page.getByText('What it cost, and when').click();
    await page.getByLabel('Price').fill('7,90');
    await page.getByText('More about them').click();
    await page.getByLabel('What one of your scoops of it weighs').fill('12 g');
    await page.getByRole('button', { name: 'Add these beans' }).click();
    await page.getByText('€15.80 a kg').waitFor();
    await page.goto('/plan/');
    await page.getByLabel('Beans').selectOption({ label: 'Kite Hill' });
    await page.getByLabel('Weight', { exact: true }).fill('7 1/2 scoops');
    await page.getByText('90 g green').first().waitFor();
    await beansIn(page);
    page.on('dialog', (dialog) => void dialog.accept());
    await page.goto('/larder/');
    await page.getByText('410 g left').waitFor();
    await page.getByRole('button', { name: 'Weigh Kite Hill' }).click();
    await page.getByLabel('What is left of it').fill('402');
    await page.getByRole('button', { name: 'Take it' }).click();
    await page.getByText('402 g of Kite Hill: 8 g less than reckoned.').waitFor();
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.getByText('410 g left').waitFor();
    await close();
  });

  it('says beside the field what is wrong, and loses nothing', async () => {
    const { page, close } = await empty.open();
    await openAt(page, '/roast/');
    await firstThings(page);
    await page.goto('/larder/');
    await page.getByRole('button', { name: 'Add beans' }).click();
    await page.getByLabel('What you call these beans').fill('Old Ferry');
    await page.getByLabel('How much green you bought').fill('-3 kg');
    await page.getByText('What it cost, and when').click();
    await page.getByLabel('Price').fill('cheap');
    await page.getByRole('button', { name: 'Add these beans' }).click();
    await page.getByText('-3 kg is outside what can be').waitFor();
    await page.getByText('“cheap” is not an amount.').waitFor();
    assert.equal(await page.getByLabel('What you call these beans').inputValue(), 'Old Ferry');
    await close();
  });

  it('takes samples a line each and mixes a blend with a warning', async () => {
    const { page, close } = await demo.open();
    await page.goto('/larder/');
    await page.getByRole('button', { name: 'Add samples' }).click();
    await page.getByLabel('One a line').fill('Quay Gate, Brazil, 100 g\nUpper Weir, Kenya');
    await page.getByRole('button', { name: 'Add the samples' }).click();
    await page.getByText('Line 2: Fill this in: a weight').waitFor();
    await page.getByLabel('One a line').fill('Quay Gate, Brazil, 100 g\nUpper Weir, Kenya, 3,5 oz');
    await page.getByRole('button', { name: 'Add 2 samples' }).click();
    await page.getByText('Quay Gate, Brazil').waitFor();
    await page.getByRole('button', { name: 'Make a blend' }).click();
    await page.getByLabel('What you call the blend').fill('Harbour blend');
    await page.getByLabel(/^Kite Hill/).fill('100');
    await page.getByLabel(/^Lantern Terrace/).fill('300');
    await page.getByText('Kite Hill will colour before the rest').waitFor();
    await page.getByText('75 % of the blend').waitFor();
    await page.getByRole('button', { name: 'Mix 400 g' }).click();
    await page.getByText('Made of 75 % Lantern Terrace, 25 % Kite Hill.').waitFor();
    await close();
  });
});

describe('the plan', () => {
  it('asks above what the gear takes, and splits it', async () => {
    const { page, close } = await demo.open();
    await openAt(page, '/plan/');
    await page.getByLabel('Gear').selectOption({ label: 'Blue popper' });
    await page.getByLabel('Weight', { exact: true }).fill('5 kg');
    await page.getByRole('button', { name: 'Beans in' }).click();
    await page.getByRole('dialog', { name: '5 kg in the Blue popper?' }).waitFor();
    assert.equal(await page.getByRole('button', { name: 'Roast it all the same' }).count(), 0);
    await page.getByRole('button', { name: 'Change it' }).click();
    await page.getByLabel('Weight', { exact: true }).fill('150');
    await page.getByRole('button', { name: 'Beans in' }).click();
    await page.getByRole('button', { name: /2 batches of 75 g/ }).click();
    await page.getByText('2 × 75 g').first().waitFor();
    await close();
  });

  it('knows a jar by a day, what is left, a staged pull, moves, rules, weather and its ticks', async () => {
    const { page, close } = await demo.open();
    await openAt(page, '/plan/');
    await page.getByLabel('Gear').selectOption({ label: 'Crank pot' });
    await page.getByLabel('Beans').selectOption({ label: 'Lantern Terrace, Peru' });
    await page.getByLabel('Green or roasted').selectOption('byDay');
    await page.getByLabel('Ready by').selectOption({ index: 0 });
    await page.getByText('Too late for Wednesday').waitFor();
    await page.getByLabel('Ready by').selectOption('2026-11-28');
    await page
      .getByText('Roast by Thursday 26 November')
      .or(page.getByText('Roast by Thursday 26 Nov'))
      .first()
      .waitFor();
    await page.getByLabel('Green or roasted').selectOption('taste');
    await page.getByText('30 g green').first().waitFor();
    await page.getByLabel('Green or roasted').selectOption('green');
    await page.getByLabel('Weight', { exact: true }).fill('225');
    await page.getByLabel('Shade', { exact: true }).selectOption('4');
    await page.getByRole('radio', { name: 'three' }).click();
    await page.getByText('light-medium: about').waitFor();
    await page.getByLabel('Pull', { exact: true }).selectOption('firstSnaps');
    await page.getByText('out at the first snaps of second').waitFor();
    await page.getByLabel('Move').selectOption('flame');
    await page.getByLabel('To', { exact: true }).selectOption('3');
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await page.getByText('flame 3 at yellow', { exact: true }).waitFor();
    await page.getByLabel('Place', { exact: true }).selectOption('outdoors');
    await page.getByLabel('Outside temperature').fill('3');
    await page.getByLabel('Outside temperature').press('Enter');
    await page.getByText(/^Cold: /).waitFor();
    const tick = page.getByLabel('Colander, fan or cold tray ready');
    await tick.click();
    await page.waitForFunction(() => document.querySelectorAll('input:checked').length === 1);
    await page.reload();
    await page.getByText('On the clock').waitFor();
    assert.equal(await page.locator('input:checked').count(), 1, 'ticked once a day');
    await page.emulateMedia({ media: 'print' });
    assert.ok(await page.locator('.print-card').isVisible());
    await close();
  });

  it('learns what is used, and says when the next roast is due', async () => {
    const { page, close } = await demo.open();
    await openAt(page, '/plan/ahead/');
    await page.getByRole('heading', { level: 1, name: /^Roast / }).waitFor();
    await page.getByLabel('Use a day each').fill('lots');
    await page.getByText('“lots” is not an amount.').waitFor();
    await page.getByLabel('Use a day each').fill('1 g');
    await page.getByLabel('Use a day each').blur();
    await page.getByText('no roast is due').waitFor();
    await page.goto('/larder/buying/');
    await page.getByLabel('Price 1').fill('9');
    await page.getByText('A price needs its weight').waitFor();
    await page.getByLabel('Pack 1').fill('1 kg');
    await page.getByLabel('Pack 2').fill('30 kg');
    await page.getByLabel('Price 2').fill('200');
    await page.getByRole('heading', { name: /None is used up in time|Buy the 1 kg pack/ }).waitFor();
    await close();
  });
});

describe('a roast day', () => {
  it('of four batches on two gear: ordered, moved by keyboard, roasted, replanned', async () => {
    const { page, close } = await demo.open();
    await openAt(page, '/plan/day/');
    for (const gear of ['Blue popper', 'Crank pot']) {
      await page.getByLabel('How many').selectOption('2');
      await page.getByLabel('Batch gear').selectOption({ label: gear });
      await page.getByRole('button', { name: 'Put it on the list' }).click();
      await page.getByRole('listitem').filter({ hasText: gear }).nth(1).waitFor();
    }
    await page.getByText('of waiting: the Blue popper cools.').waitFor();
    await page.getByRole('button', { name: 'Take the shortest order' }).click();
    await page.getByText('The Blue popper cools while the Crank pot roasts.').waitFor();
    const order = async () =>
      (await page.getByRole('listitem').allInnerTexts()).map((text) => (/Blue popper,/.test(text) ? 'B' : 'C'));
    const before = await order();
    assert.deepEqual(before, ['B', 'C', 'B', 'C']);
    const later = page.getByRole('button', { name: /^Later:/ }).first();
    await later.focus();
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => /Crank pot/.test(document.querySelector('li')?.innerText ?? ''));
    assert.deepEqual(await order(), ['C', 'B', 'B', 'C']);
    await page.getByRole('link', { name: /^Next:.*Crank pot/ }).click();
    await page.getByText('On the clock').waitFor();
    assert.equal(await page.getByLabel('Gear').locator('option:checked').innerText(), 'Crank pot');
    await beansIn(page);
    await pass(page, 600);
    await page.keyboard.press('Shift+Space');
    await page.getByText('Cooling').waitFor();
    await page.goto('/plan/day/');
    await page.getByText('done', { exact: true }).waitFor();
    await page.getByRole('heading', { name: /3 batches to go/ }).waitFor();
    await page
      .getByRole('button', { name: /^Take off:/ })
      .first()
      .click();
    await page.getByRole('heading', { name: /2 batches to go/ }).waitFor();
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.getByRole('heading', { name: /3 batches to go/ }).waitFor();
    await close();
  });
});
