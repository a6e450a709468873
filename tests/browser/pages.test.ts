import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { after, before, describe, it } from 'node:test';
import { assertNoViolation } from './axe.ts';
import { firstThings, storedRoasts } from './deeds.ts';
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

describe('the demo household', () => {
  it('gives the focus back to where it was when a dialog closes', async () => {
    const { page, close } = await demo.open();
    await page.goto('/journal/?text=best+cup+yet');
    await page.getByText('best cup yet').click();
    for (const name of ['Put the facts right', 'Delete']) {
      const button = page.getByRole('button', { name, exact: true });
      await button.focus();
      await page.keyboard.press('Enter');
      await page.getByRole('dialog').waitFor();
      await page.keyboard.press('Escape');
      await page.getByRole('dialog').waitFor({ state: 'hidden' });
      assert.equal(await button.evaluate((element) => element === document.activeElement), true, name);
    }
    await close();
  });

  it('opens the part of the form that has an error, and leaves it open', async () => {
    const { page, close } = await demo.open();
    await page.goto('/larder/');
    await page.getByRole('button', { name: 'Add beans' }).click();
    await page.getByLabel('What you call these beans').fill('Lantern Ridge');
    await page.getByLabel('How much green you bought').fill('1 kg');
    const more = page.getByText('More about them, as far as you know');
    await more.click();
    await page.getByLabel(/[Mm]oisture/).fill('99');
    await more.click();
    await page.getByRole('button', { name: 'Add these beans' }).click();
    await page.getByText(/99 % is outside what can be/).waitFor();
    assert.equal(await page.getByLabel(/[Mm]oisture/).isVisible(), true);
    await close();
  });

  it('keeps each figure of the journal in its column, also where another is missing', async () => {
    const { page, close } = await demo.open();
    await page.goto('/journal/');
    await page.locator('[data-row="3"]').waitFor();
    const edges = await page
      .locator('[data-row] .num > span:first-child')
      .evaluateAll((all) => all.map((each) => Math.round(each.getBoundingClientRect().left)));
    assert.ok(edges.length >= 4);
    assert.equal(new Set(edges).size, 1, edges.join());
    await close();
  });

  it('says that it is demo data, and never touches the person’s own notebook', async () => {
    const { page, close } = await demo.open();
    await page.goto('/journal/');
    await page.getByText('41 roasts').waitFor();
    await page.getByText('Demo household: made-up roasts').waitFor();
    await page.getByRole('button', { name: 'Open my own' }).click();
    await page.getByText('You watch the beans').waitFor();
    assert.equal((await storedRoasts(page)).length, 0);
    // Who puts everything off has a page that asks for nothing, and is welcomed again next time.
    await page.getByRole('button', { name: 'Start my own notebook' }).click();
    for (const question of ['What do you roast on?', 'How much coffee', 'Which beans']) {
      await page.getByRole('heading', { name: question }).waitFor();
      await page.getByRole('button', { name: 'Later' }).click();
    }
    await page.getByText('Nothing roasted yet').waitFor();
    assert.equal(await page.getByText('Roast next').count(), 0);
    await close();
  });
});

describe('empty and wrong', () => {
  it('every page says what to do while there is nothing', async () => {
    const { page, close } = await empty.open();
    for (const [path, words] of [
      ['/', 'You watch the beans'],
      ['/roast/', 'What do you roast on?'],
      ['/journal/', 'The journal is empty.'],
      ['/larder/', 'The larder is empty.'],
      ['/gear/', 'Nothing to roast on yet.'],
      ['/journal/compare/', 'Two roasts make a comparison.'],
      ['/journal/recipes/', 'No recipe is kept yet.'],
      ['/journal/experiments/', 'Nothing is found out yet.'],
      ['/journal/roast/?id=roast:none0000', 'There is no such roast here.'],
      ['/journal/recipe/?id=recipe:none0000', 'There is no such recipe here.'],
      ['/taste/flight/?id=flight:none0000', 'There is no such flight here.'],
      ['/larder/jar/?roast=roast:none0000', 'There is no such jar here.'],
      ['/larder/label/?roast=roast:none0000', 'There is no such jar here.'],
      ['/roast/live/', 'There is no such roast.'],
    ] as const) {
      await page.goto(path);
      await page.getByRole('heading', { name: words }).waitFor();
      await assertNoViolation(page, `${path}, empty`);
    }
    await close();
  });

  it('forms say beside the field what is wrong, and keep what was typed', async () => {
    const { page, close } = await empty.open();
    await page.goto('/larder/');
    await page.getByRole('button', { name: 'Add beans' }).click();
    await page.getByLabel('How much green you bought').fill('a sack');
    await page.getByRole('button', { name: 'Add these beans' }).click();
    await page.getByText('Give the beans a name').waitFor();
    await page.getByLabel('What you call these beans').fill('Three Herons');
    await page.getByRole('button', { name: 'Add these beans' }).click();
    await page.getByText('“a sack” is not an amount').waitFor();
    assert.equal(await page.getByLabel('What you call these beans').inputValue(), 'Three Herons');
    await page.getByLabel('How much green you bought').fill('1,500');
    await page.getByRole('button', { name: 'Add these beans' }).click();
    await page.getByText('1.5 kg left').waitFor();
    await close();
  });

  it('a set-up without a weight does not start and says why', async () => {
    const { page, close } = await empty.open();
    await firstThings(page);
    await page.getByLabel('Weight', { exact: true }).fill('lots');
    await page.getByText('“lots” is not an amount. Write it like 80 g.').waitFor();
    await page.getByRole('button', { name: 'Beans in' }).click();
    assert.equal((await storedRoasts(page)).length, 0);
    await close();
  });

  it('lots are edited and deleted with undo', async () => {
    const { page, close } = await empty.open();
    await firstThings(page);
    await page.goto('/larder/');
    await page.getByRole('button', { name: 'Edit Lantern Terrace' }).click();
    await page.getByLabel('Where from').fill('Peru');
    await page.getByRole('button', { name: 'Save' }).click();
    await page.getByText('Lantern Terrace, Peru').waitFor();
    await page.getByRole('button', { name: 'Delete Lantern Terrace' }).click();
    await page.getByText('The larder is empty.').waitFor();
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.getByText('Lantern Terrace, Peru').waitFor();
    await close();
  });
});

const fifteenLater = (clock: string) => {
  const [minutes, seconds] = clock.split(':').map(Number) as [number, number];
  const total = minutes * 60 + seconds + 15;
  return `${Math.floor(total / 60)}:${String(total % 60).padStart(2, '0')}`;
};

describe('the roast page', () => {
  it('corrects times as m:ss, adds what was forgotten, takes out and undoes', async () => {
    const { page, close } = await demo.open();
    await page.goto('/journal/?text=best+cup+yet');
    await page.getByText('best cup yet').click();
    const yellow = page.getByLabel('Time of yellow');
    const before = await yellow.inputValue();
    await yellow.fill('nine');
    await yellow.press('Enter');
    await page.getByText('“nine” is not a time. Write minutes and seconds like 7:42.').waitFor();
    await yellow.fill('2:22');
    await yellow.press('Enter');
    await page.getByText(/Drying took 2:22/).waitFor();
    await page.getByText(/pressed at/).waitFor();
    await page.getByRole('button', { name: /Take out yellow/ }).click();
    await page.getByText(/Drying took/).waitFor({ state: 'hidden' });
    await page.getByLabel('Its time').fill('2:30');
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await page.getByText(/Drying took 2:30/).waitFor();
    for (let i = 0; i < 3; i++) await page.getByRole('button', { name: 'Undo', exact: true }).click();
    await page.getByText(`Drying took ${before}`).waitFor();
    assert.equal(await page.getByText(/pressed at/).count(), 0);
    // Beans in, pressed a quarter of a minute late: the beans stay where they were, the clock moves.
    const charge = page.getByLabel('Time of beans in');
    await charge.fill('9:00');
    await charge.press('Enter');
    await page.getByText(`The beans went in before yellow at ${before}.`).waitFor();
    await charge.fill('-0:15');
    await charge.press('Enter');
    await page.getByText('The beans went in 0:15 earlier. Every time counts from there.').waitFor();
    await page.getByText('beans in · pressed at 0:15').waitFor();
    await page.getByText(`Drying took ${fifteenLater(before)}`).waitFor();
    await page.getByRole('button', { name: 'Undo', exact: true }).click();
    await page.getByText(`Drying took ${before}`).waitFor();
    await close();
  });

  it('deletes with undo', async () => {
    const { page, close } = await demo.open();
    await page.goto('/journal/?text=best+cup+yet');
    await page.getByText('best cup yet').click();
    await page.getByRole('button', { name: 'Delete', exact: true }).click();
    await page.getByRole('button', { name: 'Delete it' }).click();
    await page.getByText('40 roasts').waitFor();
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.getByText('41 roasts').waitFor();
    await close();
  });
});

describe('files', () => {
  it('save the whole notebook and load it back into an empty one, identical', async () => {
    const { page, close } = await demo.open();
    await page.goto('/files/');
    const [saved] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save the notebook' }).click(),
    ]);
    const path = await saved.path();
    const own = await empty.open();
    await own.page.goto('/files/');
    await own.page
      .getByLabel('Choose a file')
      .setInputFiles({ name: 'mine.gander.json', mimeType: 'application/json', buffer: readFileSync(path) });
    await own.page.getByText('41 roasts: 41 new').waitFor();
    await own.page.getByRole('button', { name: 'Load it' }).click();
    await own.page.getByText('mine.gander.json is loaded').first().waitFor();
    const [again] = await Promise.all([
      own.page.waitForEvent('download'),
      own.page.getByRole('button', { name: 'Save the notebook' }).click(),
    ]);
    const [first, second] = [
      JSON.parse(readFileSync(path, 'utf8')),
      JSON.parse(readFileSync(await again.path(), 'utf8')),
    ];
    assert.deepEqual({ ...second, savedAt: first.savedAt }, first);
    await own.close();
    await close();
  });

  it('that are broken change nothing and say what is wrong', async () => {
    const { page, close } = await demo.open();
    await page.goto('/files/');
    await page.getByLabel('Choose a file').setInputFiles({
      name: 'odd.json',
      mimeType: 'application/json',
      buffer: Buffer.from('{"format":"gander-notebook","version":7}'),
    });
    await page.getByText('odd.json was not loaded. Your notebook is unchanged.').waitFor();
    await page.getByText('This notebook is of version 7').waitFor();
    await close();
  });

  it('that are damaged load without their bad rows, which are named and can be kept aside', async () => {
    const { page, close } = await demo.open();
    await page.goto('/files/');
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save the notebook' }).click(),
    ]);
    await page.getByText(/^Saved at .* and read back: it opens again\.$/).waitFor();
    const file = JSON.parse(await readFile(await download.path(), 'utf8'));
    file.lots[0].name = 7;
    file.cups[0].tastedAt = 'yesterday';
    const own = await demo.open();
    await own.page.goto('/files/');
    const text = JSON.stringify(file);
    await own.page.getByLabel('Choose a file').setInputFiles({
      name: 'spoilt.json',
      mimeType: 'application/json',
      buffer: Buffer.from(text.slice(0, -40)),
    });
    await own.page
      .getByText(/^This file breaks off\. What stands before the break can be loaded; also \d+ things cannot/)
      .waitFor();
    await own.page
      .getByText(/^The lot .*: its name: it should be a text\./)
      .first()
      .waitFor();
    const [aside] = await Promise.all([
      own.page.waitForEvent('download'),
      own.page.getByRole('button', { name: 'Keep the file’s copy of them aside' }).click(),
    ]);
    assert.match(await readFile(await aside.path(), 'utf8'), /"name": 7/);
    await own.page.getByRole('button', { name: 'Load it' }).click();
    await own.page.getByText(/^(spoilt\.json is loaded|Everything in spoilt\.json was here already)/).waitFor();
    await own.close();
    await close();
  });

  it('settings speak in ounces, traditional shades and night, on the next page too', async () => {
    const { page, close } = await demo.open();
    await page.goto('/files/');
    await page.getByRole('radio', { name: 'ounces' }).click();
    await page.getByRole('radio', { name: /full city/ }).click();
    await page.getByRole('radio', { name: /night/ }).click();
    await page.goto('/roast/');
    await page.getByText('On the clock').waitFor();
    assert.match(await page.getByLabel('Weight', { exact: true }).inputValue(), / oz$/);
    assert.match(await page.getByLabel('Shade').innerText(), /full city/);
    assert.equal(await page.evaluate(() => document.documentElement.dataset.theme), 'night');
    await close();
  });
});
