import assert from 'node:assert/strict';
import { readFile } from 'node:fs/promises';
import { after, before, describe, it } from 'node:test';
import type { Page } from 'playwright-core';
import { formatClock } from '@/core/units';
import { beansIn, openAt, pass, storedRoasts } from './deeds.ts';
import { PHONE, type Served, serveApp } from './harness.ts';

let app: Served;
before(async () => {
  app = await serveApp('demo');
});
after(async () => {
  await app.stop();
});

/** Opens the page of the roast whose note begins so, by searching for it. */
async function openRoast(page: Page, words: string): Promise<void> {
  await page.goto('/journal/');
  await page.getByLabel('Search the journal').fill(words);
  await page.getByText(/^1 of \d+ roasts$/).waitFor();
  await page.locator('[data-row="0"] a').click();
  await page.getByText('What happened').waitFor();
}

/** Which code is the cup with the change, trial by trial. */
function changedCodes(page: Page, flightId: string): Promise<string[]> {
  return page.evaluate(
    (id) =>
      new Promise<string[]>((resolve) => {
        const opening = indexedDB.open('gander-demo');
        opening.onsuccess = () => {
          const asking = opening.result.transaction('flightKeys').objectStore('flightKeys').get(id);
          asking.onsuccess = () => {
            opening.result.close();
            const { trials } = asking.result as { trials: Record<string, number>[] };
            resolve(trials.map((trial) => Object.keys(trial).find((code) => trial[code] === 1) ?? ''));
          };
        };
      }),
    flightId,
  );
}

describe('a complaint', () => {
  it('becomes a finding, one change, the next roast, a blind flight and an answer', async () => {
    const { page, close } = await app.open();
    await openAt(page, '/');
    await openRoast(page, 'tart lemon pith');
    await page.getByRole('heading', { name: /Browning, from yellow to first crack, was rushed/ }).waitFor();
    await page
      .getByText(/Browning took .* it is usually/)
      .first()
      .waitFor();
    await page.getByRole('heading', { name: 'One change for the next batch' }).waitFor();
    await page.getByText('Lid off from yellow on.').waitFor();
    await page.getByRole('button', { name: 'Try it in the next roast' }).click();
    await page.getByText('one thing is otherwise this time').waitFor();
    await page.getByText('Everything else is as it was').waitFor();
    await beansIn(page);
    await pass(page, 130);
    await page.keyboard.press('Space');
    await page.getByText('Now: lid off.').waitFor();
    await pass(page, 150);
    await page.keyboard.press('Space');
    await pass(page, 90);
    await page.keyboard.press('Shift+Space');
    await page
      .getByText(/Cooling|hand-warm/i)
      .first()
      .waitFor();
    await page.goto('/journal/experiments/');
    const question = page.getByRole('listitem').filter({ hasText: 'Longer browning?' }).first();
    await question.getByText('The record does not show that the change was made.').waitFor();
    await question.getByRole('link', { name: 'Taste both blind' }).click();
    await page.getByRole('heading', { name: 'A flight: Longer browning?' }).waitFor();
    await page.getByLabel('Who tastes').fill('Ada, Bo');
    await page.getByLabel('Rounds each').fill('4');
    await page.getByRole('button', { name: 'Draw the codes' }).click();
    await page.getByText('Tasters look away now.').waitFor();
    const codes = await changedCodes(page, new URL(page.url()).searchParams.get('id') ?? '');
    await page.getByRole('button', { name: 'I pour: show the slips' }).click();
    await page.getByRole('button', { name: 'It is poured: taste' }).click();
    for (const [i, code] of codes.entries()) {
      await page.getByRole('button', { name: /^I am / }).click();
      await page.getByRole('button', { name: code, exact: true }).click();
      await page.getByRole('button', { name: 'Keep my sheet' }).click();
      if (i < codes.length - 1) await page.getByText(`${i + 1} of 8 sheets in`).waitFor();
    }
    await page.getByRole('heading', { name: /is preferred, 8 of 8/ }).waitFor();
    await page.getByRole('link', { name: 'Answer “Longer browning?”' }).click();
    await page.getByText('The flight says it helped').waitFor();
    await page
      .getByRole('listitem')
      .filter({ hasText: 'Longer browning?' })
      .first()
      .getByRole('radio', { name: 'it helped' })
      .click();
    await page.getByText('Noted: it helped').waitFor();
    await page.getByRole('heading', { name: '4 changes helped, of 5 tried.' }).waitFor();
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.getByRole('heading', { name: '3 changes helped, of 4 tried.' }).waitFor();
    await close();
  });

  it('is not needed for a question of one’s own, such as which part of a staged pull is better', async () => {
    const { page, close } = await app.open();
    await openAt(page, '/journal/experiments/');
    await page.getByRole('button', { name: 'Ask a question of your own' }).click();
    await page.getByRole('button', { name: 'Ask it' }).click();
    await page.getByText('Write the question, such as').waitFor();
    await page.getByRole('textbox', { name: 'The question' }).fill('Worth going darker?');
    await page.getByLabel('What changes').selectOption('parts');
    const other = page.getByLabel('The other part', { exact: true });
    assert.deepEqual(await other.locator('option').allInnerTexts(), [
      'the medium part',
      'the medium-dark part',
      'the dark part',
    ]);
    await other.selectOption('the medium part');
    await page.getByRole('button', { name: 'Ask it' }).click();
    await page.getByText('Choose two different parts.').waitFor();
    await other.selectOption('the medium-dark part');
    await page.getByRole('button', { name: 'Ask it' }).click();
    const question = page.locator('li', { hasText: 'Worth going darker?' });
    await question.getByText('Two parts of one roast: the medium part against the medium-dark part.').waitFor();
    await question.getByRole('link', { name: 'Taste both blind' }).click();
    const cup = page.locator('option', { hasText: /^Rain Ladder, Sumatra, .*, the medium-dark part$/ });
    await cup.first().waitFor({ state: 'attached' });
    await page.goBack();
    await question.getByText('the medium-dark part is better').click();
    await page.getByText('The medium-dark part was better.').waitFor();
    await page.locator('li', { hasText: 'Worth going darker?' }).getByRole('button', { name: 'Open again' }).click();
    await question.getByRole('link', { name: 'Taste both blind' }).waitFor();
    await close();
  });

  it('is asked about only where the record is silent, and each answer is kept', async () => {
    const { page, close } = await app.open({ viewport: PHONE, hasTouch: true, isMobile: true });
    await openRoast(page, 'best cup yet');
    await page.getByRole('heading', { name: 'Nothing stands out.' }).waitFor();
    await page.getByRole('button', { name: 'What’s wrong with it?' }).click();
    assert.equal(await page.getByText('How alike are the beans?').count(), 0, 'that was noted already');
    await page.getByRole('radio', { name: 'many', exact: true }).first().click();
    await page.getByRole('heading', { name: /surface of the beans was burnt/ }).waitFor();
    await page.getByText('Many beans have scorched spots.').waitFor();
    await close();
  });
});

describe('the journal', () => {
  it('is searched, narrowed down, kept as a view and walked by keyboard', async () => {
    const { page, close } = await app.open();
    await page.goto('/journal/');
    await page.getByText('41 roasts').waitFor();
    await page.keyboard.press('/');
    await page.keyboard.type('blue popper');
    await page.getByText(/^1\d of 41 roasts$/).waitFor();
    await page.getByRole('button', { name: 'Narrow it down' }).click();
    await page.getByLabel('Liked').selectOption('5');
    await page.getByText('2 of 41 roasts').waitFor();
    await page.getByRole('button', { name: 'Keep this view' }).click();
    await page.getByLabel('Name of the view').fill('The best of the popper');
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: 'Show all' }).click();
    await page.getByText('41 roasts', { exact: true }).waitFor();
    await page.getByRole('button', { name: 'The best of the popper', exact: true }).click();
    await page.getByText('2 of 41 roasts').waitFor();
    await page.getByRole('button', { name: 'Keep this view' }).click();
    await page.getByText('This view is kept already, as “The best of the popper”.').waitFor();
    await page.reload();
    await page.getByText('2 of 41 roasts').waitFor();
    await page.getByLabel('What stands out').selectOption({ index: 1 });
    await page.getByText('No roast is like that.').waitFor();
    await page.getByRole('button', { name: 'Show all' }).first().click();
    await page.getByLabel('Search the journal').focus();
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('x');
    await page.getByText('one roast ticked').waitFor();
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('x');
    await page.getByRole('link', { name: 'Compare' }).click();
    await page
      .getByRole('heading', { name: /^\d+ \w+: / })
      .first()
      .waitFor();
    await close();
  });

  it('shows what stands out, over the whole journal', async () => {
    const { page, close } = await app.open();
    await page.goto('/journal/?finding=hotGear');
    await page.getByText(/^1 of 41 roasts/).waitFor();
    await page.getByText('second batch in a hot popper').waitFor();
    await page.getByRole('button', { name: 'Calendar' }).click();
    await page
      .getByRole('button', { name: /: 1 roast$/ })
      .first()
      .waitFor();
    await close();
  });

  it('tags and deletes the ticked ones, and takes it back', async () => {
    const { page, close } = await app.open();
    await page.goto('/journal/');
    await page.locator('[data-row="0"] input').check();
    await page.locator('[data-row="1"] input').check();
    await page.getByRole('button', { name: 'Tag', exact: true }).click();
    await page.getByLabel('Tag for the ticked roasts').fill('balcony');
    await page.keyboard.press('Enter');
    await page.getByText('2 roasts tagged “balcony”.').waitFor();
    await page.goto('/journal/?tag=balcony');
    await page.getByText('2 of 41 roasts').waitFor();
    await page.locator('[data-row="0"] input').check();
    await page.getByRole('button', { name: 'Delete', exact: true }).click();
    await page.getByRole('heading', { name: 'Delete one roast?' }).waitFor();
    await page.getByRole('button', { name: 'Delete it' }).click();
    await page.getByText('1 of 40 roasts').waitFor();
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.getByText('2 of 41 roasts').waitFor();
    await close();
  });
});

describe('a recipe', () => {
  it('is kept from a good roast, roasted again with its pace told, and carried to other gear', async () => {
    const { page, close } = await app.open();
    await openAt(page, '/');
    await openRoast(page, 'tea apricot');
    await page.getByRole('button', { name: 'Keep as a recipe' }).click();
    await page.getByLabel('Name of the recipe').fill('Tea and apricot');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await page.getByRole('link', { name: 'The recipe “Tea and apricot”' }).click();
    await page.getByRole('heading', { name: 'Tea and apricot' }).waitFor();
    await page.getByRole('button', { name: 'Change it' }).click();
    await page.getByLabel('First crack', { exact: true }).fill('0:10');
    await page.getByRole('button', { name: 'Keep it so' }).click();
    await page.getByText(/It comes after/).waitFor();
    await page.getByLabel('First crack', { exact: true }).fill('4:31');
    await page.getByLabel('Green', { exact: true }).first().fill('90 g');
    await page.getByRole('button', { name: 'Keep it so' }).click();
    await page.getByText('The recipe “Tea and apricot” is changed.').waitFor();
    await page.getByText(/^90 g of/).waitFor();
    await page.getByLabel('Gear for the recipe').selectOption({ label: 'Crank pot' });
    await page.getByLabel('Green', { exact: true }).fill('5 kg');
    await page.getByText(/The Crank pot takes \d+ g at most\. Roast it in \d+ batches/).waitFor();
    await page.getByLabel('Green', { exact: true }).fill('200 g');
    const told = page.getByText(/First crack about \d+:\d\d \(\d+:\d\d to \d+:\d\d\)/);
    const [, firstCrack, pull] = /about (\d+:\d\d).*pull about (\d+:\d\d)/.exec(await told.innerText()) ?? [];
    // The plan and the roast hold the same times.
    await page.getByRole('link', { name: 'Roast it so' }).click();
    await page.getByText(`first crack at ${firstCrack}, pull at ${pull}`).waitFor();
    await beansIn(page);
    await page.getByText('its ribbon lies pale under yours').waitFor();
    const id = new URL(page.url()).searchParams.get('id');
    const carried = (await storedRoasts(page, 'gander-demo')).find((roast) => roast.id === id) as unknown as {
      guide?: { pull: number };
    };
    assert.equal(formatClock(carried?.guide?.pull ?? 0), pull);
    await page.getByRole('button', { name: 'Take it back' }).click();
    await page.getByText('The roast was taken back.').waitFor();
    await page.getByRole('button', { name: 'Beans in' }).waitFor();
    await page.goto('/journal/recipes/');
    await page
      .getByRole('link', { name: /Tea and apricot/ })
      .first()
      .click();
    await page.getByRole('link', { name: 'Roast it', exact: true }).click();
    await page.getByText('By the recipe').waitFor();
    await beansIn(page);
    await page.getByText('its ribbon lies pale under yours').waitFor();
    await pass(page, 100);
    await page.keyboard.press('Space');
    // The recipe's moves are due at yellow and told first; each is answered by itself.
    for (let i = 0; i < 6 && (await page.getByText(/ahead of the recipe at yellow/).count()) === 0; i++) {
      await pass(page, 1);
      const skip = page.getByRole('button', { name: 'Skip', exact: true });
      if ((await skip.count()) > 0) await skip.click();
    }
    // With the move that brings it back.
    await page.getByText(/\d+ s ahead of the recipe at yellow\. [A-Z][^.]+\./).waitFor();
    await pass(page, 200);
    await page.keyboard.press('Space');
    await pass(page, 60);
    await page.keyboard.press('Shift+Space');
    await page.goto('/journal/recipes/');
    await page
      .getByRole('link', { name: /Tea and apricot/ })
      .first()
      .click();
    await page
      .getByText(/another roast|close/)
      .first()
      .waitFor();
    // All roasts are read once for each recipe, at the same time: neither reader may wait for the other.
    for (let i = 0; i < 3; i++) {
      await page.goto('/journal/recipes/');
      await page
        .getByRole('link', { name: /Tea and apricot/ })
        .first()
        .waitFor();
    }
    await close();
  });

  it('of a friend is looked at and kept as theirs; their beans and jars stay out', async () => {
    const { page, close } = await app.open();
    await openRoast(page, 'tea apricot');
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save as a file' }).click(),
    ]);
    const file = JSON.parse(await readFile(await download.path(), 'utf8'));
    // As another household would have saved it: other beans, other gear.
    const theirs = JSON.stringify(file).replaceAll(/"(lot|gear|roast|jar|cup):\w+"/g, (id) => `${id.slice(0, -3)}zz"`);
    await page.goto('/files/');
    await page.getByLabel('Choose a file').setInputFiles({
      name: 'from-cleo.gander.json',
      mimeType: 'application/json',
      buffer: Buffer.from(theirs),
    });
    await page.getByRole('radio', { name: 'somebody else’s', checked: true }).waitFor();
    await page.getByRole('button', { name: 'Keep it as theirs' }).click();
    await page.getByText('Write whose it is').waitFor();
    const beans = await page.getByLabel('With your beans').locator('option:checked').innerText();
    assert.equal(beans, `${file.lots[0].name}, ${file.lots[0].origin}`, 'those most like theirs');
    await page.getByLabel('Whose it is').fill('Cleo');
    await page.getByLabel('In your gear').selectOption({ label: 'Crank pot' });
    await page.getByRole('button', { name: 'Keep it as theirs' }).click();
    await page.getByText('is kept among your recipes, as Cleo’s.').first().waitFor();
    await page.getByRole('link', { name: 'See the recipe' }).waitFor();
    assert.equal(await page.getByRole('button', { name: 'Keep it as theirs' }).count(), 0, 'it is not kept twice');
    await page.goto('/journal/');
    await page.getByText('41 roasts').waitFor();
    await page.goto('/journal/recipes/');
    await page
      .getByRole('link', { name: /in the Crank pot/ })
      .first()
      .click();
    await page.getByText('It is Cleo’s.').waitFor();
    await page.getByText('the roast it came from stays with Cleo.').waitFor();
    await page.getByText(/First crack about \d+:\d\d/).waitFor();
    const [saved] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save as a file' }).click(),
    ]);
    const recipe = JSON.parse(await readFile(await saved.path(), 'utf8'));
    assert.deepEqual([recipe.recipes.length, recipe.roasts.length, recipe.jars.length], [1, 0, 0]);
    await close();
  });
});
