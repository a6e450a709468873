import assert from 'node:assert/strict';
import { after, before, describe, it } from 'node:test';
import type { Page } from 'playwright-core';
import { beansIn, firstThings, openAt, pass, stored } from './deeds.ts';
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

describe('the front door', () => {
  it('shows what Gander is, and leads from three questions to the beans in with six presses', async () => {
    const { page, close } = await empty.open({ locale: 'en-US', reducedMotion: 'reduce' });
    await openAt(page, '/');
    await page.getByText('You are told in time').waitFor();
    await page.getByRole('button', { name: 'Start my own notebook' }).click();
    // The browser is at home in the United States, and it is said.
    await page.getByText('ounces, °F, USD, 12 hours, weeks from Sunday').waitFor();
    await page.getByRole('button', { name: /^Hot-air popper about 2\.82 oz/ }).click();
    await page.getByText('That is 1.02 oz of roasted coffee a day').waitFor();
    await page.getByRole('button', { name: 'Go on' }).click();
    await page.getByRole('button', { name: 'These beans: to the plan' }).click();
    await page.getByLabel('Weight', { exact: true }).waitFor();
    assert.equal(await page.getByLabel('Weight', { exact: true }).inputValue(), '2.82 oz');
    await page.getByRole('button', { name: 'Beans in' }).click();
    await page.getByRole('timer').waitFor();
    await close();
  });
});

describe('the sentence of a plan', () => {
  it('understands amounts as people say them, and lets the pull follow the shade until it is set by hand', async () => {
    const { page, close } = await demo.open();
    await openAt(page, '/plan/');
    await page.getByLabel('Gear', { exact: true }).selectOption({ label: 'Blue popper' });
    const seconds = page.getByLabel('Seconds');
    const inShade = async (shade: string) => {
      await page.getByLabel('Shade', { exact: true }).selectOption({ label: shade });
      return Number(await seconds.inputValue());
    };
    const [medium, light, dark] = [await inShade('medium'), await inShade('light'), await inShade('medium-dark')];
    assert.ok(light < medium && medium < dark, `${light}, ${medium}, ${dark} s`);
    await page.getByText(/The figure comes from \d+ roasts of yours/).waitFor();
    await seconds.fill('45');
    assert.equal(await inShade('medium'), 45);
    for (const noNumber of ['', '4x']) {
      await seconds.fill(noNumber);
      await seconds.blur();
      assert.equal(await seconds.inputValue(), '45');
    }
    await page
      .getByText(
        /45 s after first crack is your own; for medium in the Blue popper, (\d+ s|\d:\d\d) after first crack is usual/,
      )
      .waitFor();
    await page.getByLabel('Weight', { exact: true }).fill('3 mugs a day for a week');
    await page.getByText('7 days, 7 × 3 mugs of 14.4 g: 302 g roasted.').waitFor();
    await page.getByRole('button', { name: 'Beans in: batch 1' }).waitFor();
    await page.getByLabel('Weight', { exact: true }).fill('3 mugs a day');
    await page.getByText('for how long? Write it like').waitFor();
    await close();
  });
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

  it('plans few roast days or fixed ones, with guests, and puts one on its day', async () => {
    const { page, close } = await demo.open();
    await openAt(page, '/plan/ahead/');
    await page.getByText('Roast days until then').waitFor();
    const few = await page.getByRole('button', { name: /^Plan .* for \d/ }).count();
    assert.ok(few >= 1 && few <= 4, `${few} roast days`);
    await page.getByLabel('Which days').selectOption({ label: 'on fixed days of the week' });
    await page.getByLabel('Time a day').selectOption({ label: '1 h' });
    const days = page.getByRole('link', { name: /^[A-Z][a-z]+day \d+ [A-Z]/ });
    await page.getByRole('checkbox', { name: 'Saturday' }).waitFor();
    await page.waitForFunction(() =>
      [...document.querySelectorAll('a[href^="/plan/day/?date="]')].every((each) =>
        each.textContent?.startsWith('Sat'),
      ),
    );
    assert.ok((await days.count()) >= 1);
    await page.getByLabel('Use, each').fill('3 mugs a day');
    await page.getByLabel('Use, each').blur();
    // Two of them, 14.4 g a mug.
    await page.getByText('That is 86 g a day.').waitFor();
    // Emptied to be typed anew; no household has nobody in it.
    await page.getByLabel('People', { exact: true }).focus();
    for (const [key, text] of [
      ['Backspace', ''],
      ['0', '0'],
      ['Backspace', ''],
      ['3', '3'],
    ] as const) {
      await page.keyboard.press(key);
      assert.equal(await page.getByLabel('People', { exact: true }).inputValue(), text);
    }
    await page.getByText('That is 130 g a day.').waitFor();
    await page.getByLabel('People', { exact: true }).fill('2');
    await page.getByText('That is 86 g a day.').waitFor();
    await page.getByLabel('They drink, in all').fill('20 mugs');
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await page.getByText('guests, 288 g more').waitFor();
    await page.reload();
    await page.getByText('guests, 288 g more').waitFor();
    assert.ok(await page.getByRole('checkbox', { name: 'Saturday' }).isChecked());
    await page
      .getByRole('button', { name: /^Plan .* for \d/ })
      .first()
      .click();
    await page.getByText(/^Planned for Saturday .*\. (One|\d+) of /).waitFor();
    // What is on a list counts: the day gives what it gave, and another is not asked for in its place.
    await page.getByText(/^(One batch|\d+ batches) planned, /).waitFor();
    await days.first().click();
    await page.getByRole('listitem').first().waitFor();
    // A day to come begins at nine, and half a time is not answered with none.
    const starts = page.getByLabel('First beans in at');
    assert.equal(await starts.inputValue(), '09:00');
    await starts.fill('10:30');
    await starts.blur();
    // It stands in the list once it is written.
    await page.getByRole('listitem').filter({ hasText: '10:30' }).first().waitFor();
    await page.reload();
    await page.getByRole('listitem').filter({ hasText: '10:30' }).first().waitFor();
    assert.equal(await starts.inputValue(), '10:30');
    await close();
  });

  it('learns what is used, and says when the next roast is due', async () => {
    const { page, close } = await demo.open();
    await openAt(page, '/plan/ahead/');
    await page.getByRole('heading', { level: 1, name: /^Roast / }).waitFor();
    await page.getByLabel('Use, each').fill('lots');
    await page.getByText('“lots” is not an amount.').waitFor();
    await page.getByLabel('Use, each').fill('1 g');
    await page.getByLabel('Use, each').blur();
    await page.getByText('no roast is due').waitFor();
    await page.goto('/larder/buying/');
    await page.getByLabel('Price 1').fill('9');
    await page.getByText('A price needs its weight').waitFor();
    await page.getByLabel('Pack 1').fill('1 kg');
    await page.getByLabel('Pack 2').fill('30 kg');
    await page.getByLabel('Price 2').fill('200');
    await page.getByRole('heading', { name: 'Buy none yet: what you have lasts longer than green keeps.' }).waitFor();
    await page.goto('/plan/ahead/');
    await page.getByLabel('Use, each').fill('25 g');
    await page.getByLabel('Use, each').blur();
    await page.getByRole('heading', { level: 1, name: /^Roast / }).waitFor();
    await page.goto('/larder/buying/');
    await page.getByText('You use 50 g roasted a day').waitFor();
    await page.getByLabel('Pack 1').fill('1 kg');
    await page.getByLabel('Price 1').fill('12');
    await page.getByLabel('Pack 2').fill('30 kg');
    await page.getByLabel('Price 2').fill('200');
    await page.getByRole('heading', { name: 'Buy the 1 kg pack' }).waitFor();
    await page.getByText(/The 30 kg pack comes cheaper by the cup only if you throw .* of it away/).waitFor();
    await page.getByText(/of green is in the larder, for \d+ days: it is used first/).waitFor();
    await close();
  });
});

describe('a piece of gear', () => {
  it('has a page with all that the roasts say of it, and is put away and brought back', async () => {
    const { page, close } = await demo.open();
    await openAt(page, '/gear/');
    await page.getByRole('link', { name: 'Blue popper' }).click();
    await page.getByRole('heading', { level: 1, name: /Blue popper: \d+ roasts so far\./ }).waitFor();
    await page.getByRole('heading', { name: 'Its own times' }).waitFor();
    assert.match(await page.getByRole('definition').nth(1).innerText(), /^\d:\d\d \d:\d\d to \d:\d\d$/);
    await page.getByText('Medium', { exact: true }).first().waitFor();
    await page.getByRole('link', { name: /^Its best/ }).waitFor();
    await page.getByRole('link', { name: 'Roast in it' }).click();
    await page.getByLabel('Gear', { exact: true }).waitFor();
    assert.equal(
      await page
        .getByLabel('Gear', { exact: true })
        .evaluate((each) => (each as HTMLSelectElement).selectedOptions[0]?.text),
      'Blue popper',
    );
    await page.goto('/gear/');
    await page.getByRole('button', { name: 'Put away Blue popper' }).click();
    await page.getByText('Put away: one').click();
    await page.getByRole('button', { name: 'Bring back Blue popper' }).click();
    await page.getByText('Blue popper is in use again.').waitFor();
    await page.getByRole('link', { name: 'Blue popper' }).waitFor();
    await close();
  });
});

describe('a roast day', () => {
  it('carries on from a roast to the next batch with its gear cooling, and says what it came to', async () => {
    const { page, close } = await demo.open();
    await openAt(page, '/plan/day/');
    await page.getByLabel('How many').selectOption('2');
    await page.getByLabel('Batch gear').selectOption({ label: 'Blue popper' });
    await page.getByLabel('Batch weight').fill('80 g');
    await page.getByRole('button', { name: 'Put it on the list' }).click();
    await page.getByText('of waiting: the Blue popper cools.').waitFor();
    const hot = page.getByLabel(/^Start hot: batch 2/);
    await hot.click();
    await page.getByText('Into hot gear on purpose').waitFor();
    assert.equal(await page.getByText('of waiting').count(), 0);
    await hot.click();
    await page.getByText('of waiting: the Blue popper cools.').waitFor();
    const roastIt = async () => {
      await page.getByRole('button', { name: 'Beans in' }).click();
      await page.getByRole('timer').waitFor();
      await pass(page, 240);
      await page.keyboard.press('Space');
      await pass(page, 60);
      await page.keyboard.press('Shift+Space');
      await page.getByText('Cooling').waitFor();
      await page.getByLabel('Roasted weight').fill('68');
      await page.getByLabel('Roasted weight').press('Enter');
      await page.getByText('Loss ').first().waitFor();
    };
    await page.getByRole('link', { name: /^Next: .* in the Blue popper/ }).click();
    await roastIt();
    await page.getByText(/The Blue popper is cool in .*It is the last of the day\./).waitFor();
    await page.getByRole('link', { name: /^Next: .* in the Blue popper/ }).click();
    await page.getByRole('button', { name: 'Beans in' }).waitFor();
    await pass(page, 1800);
    await roastIt();
    await page.getByRole('link', { name: 'The day is done: what it came to' }).click();
    const totals = page.getByLabel('What the day came to');
    await totals.getByText('136 g').waitFor();
    assert.match(await totals.innerText(), /160 g\s+green used, 15\.0 % lost/);
    await close();
  });

  it('of a plan that stood open when midnight passed is the new one', async () => {
    // 23:45 on the 24th there, and a day that begins between two whole hours elsewhere.
    const { page, close } = await demo.open({ timezoneId: 'Pacific/Chatham' });
    await openAt(page, '/plan/');
    const onTheDay = page.getByRole('button', { name: 'Put it on today’s roast day' });
    await onTheDay.waitFor();
    await page.getByLabel('Shade', { exact: true }).selectOption('6');
    await page.getByRole('checkbox').first().click();
    await page.getByRole('checkbox', { checked: true }).waitFor();
    await pass(page, 1200);
    await page.getByRole('checkbox', { checked: true }).waitFor({ state: 'hidden' });
    assert.equal(await page.getByLabel('Shade', { exact: true }).inputValue(), '6', 'what was chosen stays');
    await onTheDay.click();
    await page.getByRole('heading', { name: /^Today: one batch, over by 00:/ }).waitFor();
    await close();
  });

  it('of four batches on two gear: ordered, moved by keyboard, roasted, replanned', async () => {
    const { page, close } = await demo.open();
    await openAt(page, '/plan/day/');
    for (const gear of ['Blue popper', 'Crank pot']) {
      await page.getByLabel('How many').selectOption('2');
      await page.getByLabel('Batch gear').selectOption({ label: gear });
      // As much as went into it last.
      const grams = await lastGreenOn(page, gear);
      await page.waitForFunction(
        (text) => document.querySelector<HTMLInputElement>('input[aria-label="Batch weight"]')?.value === text,
        `${grams} g`,
      );
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

  it('proposes the shade that was liked best of these beans, says why, and leaves one that was chosen', async () => {
    const { page, close } = await demo.open();
    await page.goto('/plan/');
    await page.getByLabel('Beans').selectOption({ label: 'Kite Hill, Ethiopia' });
    await page.getByText('since of these beans you liked that best, by 5 tastings.').waitFor();
    assert.equal(await page.getByLabel('Shade').inputValue(), '3');
    await page.getByLabel('Shade').selectOption('5');
    await page.getByText('Of these beans you liked light-medium best, by 5 tastings.').waitFor();
    await page.getByLabel('Beans').selectOption({ label: 'Old Ferry, India' });
    await page.getByLabel('Beans').selectOption({ label: 'Kite Hill, Ethiopia' });
    assert.equal(await page.getByLabel('Shade').inputValue(), '5', 'chosen by hand, it stays');
    await page.getByRole('button', { name: 'Roast them so' }).click();
    assert.equal(await page.getByLabel('Shade').inputValue(), '3');
    await close();
  });

  it('lets the amount of other gear be typed over as it comes into the field', async () => {
    const { page, close } = await demo.open();
    await page.goto('/plan/');
    await page.getByRole('button', { name: 'Beans in' }).waitFor();
    const weight = page.getByLabel('Weight', { exact: true });
    await weight.focus();
    const before = await weight.inputValue();
    // The field keeps the focus, as it does where the records come late.
    await page.getByLabel('Gear').evaluate((select: HTMLSelectElement) => {
      select.selectedIndex = [...select.options].findIndex(({ text }) => text === 'Blue popper');
      select.dispatchEvent(new Event('change', { bubbles: true }));
    });
    await page.waitForFunction(
      (was) => document.querySelector<HTMLInputElement>('input[aria-label=Weight]')?.value !== was,
      before,
    );
    await page.keyboard.type('250 g');
    assert.equal(await weight.inputValue(), '250 g');
    await close();
  });

  it('keeps an amount that is typed while the records of other gear are read', async () => {
    const { page, close } = await demo.open();
    await page.goto('/plan/');
    await page.getByRole('button', { name: 'Beans in' }).waitFor();
    await page.getByLabel('Gear').selectOption({ label: 'Blue popper' });
    await page.getByLabel('Weight', { exact: true }).fill('250 g');
    await page.waitForTimeout(800);
    assert.equal(await page.getByLabel('Weight', { exact: true }).inputValue(), '250 g');
    assert.equal(await page.getByLabel('Gear').locator('option:checked').innerText(), 'Blue popper');
    await close();
  });
});

/** What went into a piece of the demo's gear last, grams. */
async function lastGreenOn(page: Page, nickname: string): Promise<number | undefined> {
  const gear = (await stored(page, 'gear', 'gander-demo')).find((each) => each.nickname === nickname);
  const roasts = await stored(page, 'roasts', 'gander-demo');
  return roasts
    .filter(({ gearId }) => gearId === gear?.id)
    .sort((a, b) => String(a.createdAt).localeCompare(String(b.createdAt)))
    .at(-1)?.greenGrams as number | undefined;
}
