import assert from 'node:assert/strict';
import { after, before, describe, it } from 'node:test';
import type { Page } from 'playwright-core';
import { beansIn, clockText, firstThings, openAt, pass, storedRoasts } from './deeds.ts';
import { PHONE, type Served, serveApp } from './harness.ts';

let app: Served;
before(async () => {
  app = await serveApp('ask');
});
after(() => app.stop());

/** Tabs until the element with this name has the focus; nothing but the keyboard is used. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  for (let i = 0; i < 60; i++) {
    await page.keyboard.press('Tab');
    const found = await page.evaluate(() => {
      const here = document.activeElement === document.body ? null : (document.activeElement as HTMLElement | null);
      const labels =
        here && 'labels' in here
          ? [...((here as HTMLInputElement).labels ?? [])].map((label) => label.textContent).join(' ')
          : '';
      return `${here?.getAttribute('aria-label') ?? ''} ${labels} ${here?.textContent ?? ''}`;
    });
    if (name.test(found)) return;
  }
  assert.fail(`Tab never reached ${name}`);
}

describe('a whole roast, from the empty app to the journal', () => {
  it('by keyboard alone', async () => {
    const { page, close } = await app.open();
    await openAt(page, '/');
    const { keyboard } = page;
    await page.getByText('You watch the beans').waitFor();
    await tabTo(page, /Start my own/);
    await keyboard.press('Enter');
    await page.getByText('What do you roast on?').waitFor();
    await tabTo(page, /Hot-air popper/);
    await keyboard.press('Enter');
    await page.getByText('How much coffee do you drink?').waitFor();
    await tabTo(page, /Go on/);
    await keyboard.press('Enter');
    await page.getByText('Which beans do you have?').waitFor();
    await tabTo(page, /What you call them/);
    await keyboard.type('Lantern Terrace');
    await tabTo(page, /How much green/);
    await keyboard.type('1 kg');
    await keyboard.press('Enter');
    await page.getByRole('button', { name: 'Beans in' }).waitFor();
    await tabTo(page, /^ *Beans in/);
    await keyboard.press('Enter');
    await page.getByRole('timer').waitFor();
    await pass(page, 118);
    assert.match(await clockText(page), /^(1:5[89]|2:[0-2]\d)$/);
    await keyboard.press('Space');
    await page.getByText('Browning').waitFor();
    await keyboard.press('3');
    await keyboard.press('n');
    await keyboard.type('window open');
    await keyboard.press('Enter');
    await pass(page, 120);
    await keyboard.press('c');
    await keyboard.press('Space');
    await page.getByText('First crack', { exact: true }).first().waitFor();
    await keyboard.press('b');
    await pass(page, 60);
    // One Space is no pull; Shift and Space is.
    await keyboard.press('Space');
    await page.getByText('Once more to pull').waitFor();
    await pass(page, 5);
    await keyboard.press('Shift+Space');
    await page.getByText('Cooling').waitFor();
    await pass(page, 130);
    // The pull fell between two whole seconds of the clock that paints.
    assert.match(await clockText(page), /^2:(09|[1-3]\d)$/);
    await keyboard.press('Space');
    await tabTo(page, /Roasted weight/);
    await keyboard.type('68');
    await keyboard.press('Enter');
    await page.getByText('Loss 15.0 %').waitFor();
    const [roast] = await storedRoasts(page);
    const said = roast?.entries.map((entry) => entry.milestone ?? entry.kind);
    assert.deepEqual(said, ['yellow', 'smell', 'note', 'crack', 'firstCrack', 'amend', 'pull', 'cooled', 'amend']);
    await tabTo(page, /Done: to its page/);
    await keyboard.press('Enter');
    await page.getByText('What happened').waitFor();
    await page.goto('/journal/');
    await page.getByText('1 roast', { exact: true }).waitFor();
    assert.match(
      (await page.getByRole('listitem').innerText()).replace(/\s+/g, ' '),
      /Lantern Terrace .*5:(0[3-9]|[1-3]\d).*−15\.0 %/,
    );
    await close();
  });

  it('by touch alone, on a phone', async () => {
    const { page, close } = await app.open({ viewport: PHONE, hasTouch: true, isMobile: true });
    await openAt(page, '/roast/');
    await firstThings(page);
    await page.getByRole('button', { name: 'Beans in' }).tap();
    await page.getByRole('timer').waitFor();
    await pass(page, 120);
    await page
      .getByRole('button', { name: /^Yellow/ })
      .first()
      .tap();
    await page.getByRole('button', { name: 'Smell' }).tap();
    await page.getByRole('button', { name: 'hay' }).tap();
    await page.getByRole('button', { name: 'Colour' }).tap();
    await page.getByRole('button', { name: 'cinnamon', exact: true }).tap();
    await pass(page, 120);
    await page
      .getByRole('button', { name: /^First crack/ })
      .first()
      .tap();
    const pull = page.getByRole('button', { name: 'Pull' });
    await pull.tap();
    await pass(page, 1);
    assert.equal(await page.getByText('Cooling').count(), 0, 'a tap alone does not pull');
    const box = await pull.boundingBox();
    assert.ok(box);
    await page.mouse.move(box.x + 20, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width * 0.8, box.y + box.height / 2, { steps: 6 });
    await page.mouse.up();
    await page.getByText('Cooling').waitFor();
    await page.getByRole('button', { name: /^Hand-warm/ }).tap();
    await page.getByRole('link', { name: /Done/ }).tap();
    await page.getByText('What happened').waitFor();
    await close();
  });

  it('has "beans in" two taps from opening the app, filled with the last choices of the gear', async () => {
    const { page, close } = await app.open();
    await openAt(page, '/roast/');
    await firstThings(page);
    await page.getByLabel('Weight', { exact: true }).fill('95 g');
    await page.getByLabel('Shade').selectOption('6');
    await beansIn(page);
    await pass(page, 300);
    await page.keyboard.press('Shift+Space');
    await page.getByText('Cooling').waitFor();
    await page.goto('/');
    await page.getByRole('link', { name: 'Roast', exact: true }).click();
    await page.getByRole('button', { name: 'Beans in' }).waitFor();
    assert.equal(await page.getByLabel('Weight', { exact: true }).inputValue(), '95 g');
    assert.equal(await page.getByLabel('Shade').inputValue(), '6');
    await beansIn(page);
    await close();
  });

  it('preheats first when asked, and counts from the charge', async () => {
    const { page, close } = await app.open();
    await openAt(page, '/roast/');
    await firstThings(page);
    await page.getByRole('button', { name: 'Preheat first' }).click();
    await page.getByText('Preheating').waitFor();
    await pass(page, 200);
    assert.match(await clockText(page), /^3:(19|2\d)$/);
    await page.keyboard.press('Space');
    await page.getByText('Drying').waitFor();
    await pass(page, 10);
    assert.match(await clockText(page), /^0:1\d$/);
    // Too early, as it turns out: back to the preheat, whose clock went on.
    await page.getByRole('button', { name: 'Undo beans in' }).click();
    await page.getByText('Preheating').waitFor();
    assert.match(await clockText(page), /^3:(29|3\d)$/);
    // Beans in here, taken back in another tab.
    await page.keyboard.press('Space');
    await page.getByText('Drying').waitFor();
    const other = await page.context().newPage();
    await other.goto(page.url());
    await other.getByText('Drying').waitFor();
    await other.keyboard.press('u');
    await page.getByText('Preheating').waitFor();
    await other.close();
    await page.reload();
    await page.getByText('Preheating').waitFor();
    await page.keyboard.press('Space');
    await page.getByText('Drying').waitFor();
    assert.match(await clockText(page), /^0:0\d$/);
    await page.goto('/');
    await page.getByRole('heading', { name: 'Your first roast is on the heat.' }).waitFor();
    assert.equal(await page.getByRole('link', { name: 'Set up the first roast' }).count(), 0);
    await close();
  });
});

describe('at the heat', () => {
  it('asks about second crack before first, and refuses nothing', async () => {
    const { page, close } = await app.open();
    await openAt(page, '/roast/');
    await firstThings(page);
    await beansIn(page);
    await pass(page, 120);
    await page.keyboard.press('Space');
    await pass(page, 120);
    await page.getByRole('button', { name: 'Second crack' }).first().click();
    await page.getByText('Second crack, and no first crack before it? If it is, pull now.').waitFor();
    assert.equal(
      (await storedRoasts(page))[0]?.entries.at(-1)?.milestone,
      'secondCrack',
      'kept before it is asked about',
    );
    await pass(page, 8);
    await page.getByRole('button', { name: 'It was first crack' }).click();
    await page
      .getByText(/first crack 4:0\d/)
      .first()
      .waitFor();
    assert.equal(await page.getByRole('alert').count(), 0);
    await close();
  });

  it('undoes step by step, with a clicker too, down to the beans themselves', async () => {
    const { page, close } = await app.open();
    await openAt(page, '/roast/');
    await firstThings(page);
    await beansIn(page);
    await pass(page, 120);
    await page.keyboard.press('PageDown');
    await page.getByText('Browning').waitFor();
    await page.keyboard.press('PageUp');
    await page.getByText('Drying').waitFor();
    page.on('dialog', (dialog) => void dialog.accept());
    await page.getByRole('button', { name: 'Take it back' }).click();
    await page.getByText('The roast was taken back.').waitFor();
    assert.equal((await storedRoasts(page)).length, 0);
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.getByText('On the heat').waitFor();
    assert.equal((await storedRoasts(page)).length, 1);
    await close();
  });

  it('with readings of a probe only is not taken back by one Undo; −5 s puts the beans in earlier, not the readings', async () => {
    const { page, close } = await app.open();
    await openAt(page, '/roast/');
    await firstThings(page);
    await beansIn(page);
    await pass(page, 60);
    await page.evaluate(async () => {
      const open = indexedDB.open('gander');
      const db = await new Promise<IDBDatabase>((done) => {
        open.onsuccess = () => done(open.result);
      });
      const table = db.transaction('roasts', 'readwrite').objectStore('roasts');
      const all = table.getAll();
      await new Promise<void>((done) => {
        all.onsuccess = () => {
          const [roast] = all.result;
          const reading = {
            id: 'entry:probe001',
            at: 40,
            pressedAt: 40,
            source: 'probe',
            kind: 'reading',
            celsius: 90,
          };
          table.put({ ...roast, entries: [reading] }).onsuccess = () => done();
        };
      });
      db.close();
    });
    await page.reload();
    await page.getByRole('timer').waitFor();
    const { chargedAt: pressed } = (await storedRoasts(page))[0] as { chargedAt: string };
    const atS = async () => (await storedRoasts(page))[0]?.entries.map(({ at }) => at);
    await page.getByRole('button', { name: '−5 s' }).click();
    await page.keyboard.press('b');
    await page.getByRole('button', { name: /Undo beans in 0:10 earlier/ }).waitFor();
    assert.deepEqual(await atS(), [50]);
    const [moved] = await storedRoasts(page);
    assert.equal(Date.parse(moved?.chargedAt as string), Date.parse(pressed) - 10_000);
    await page.keyboard.press('u');
    await page.getByRole('button', { name: 'Take it back' }).waitFor();
    assert.deepEqual(await atS(), [40]);
    await page.keyboard.press('u');
    await page.getByText('Nothing of yours is left to undo.').waitFor();
    assert.equal((await storedRoasts(page)).length, 1);
    await page.keyboard.press('u');
    await page.getByText('The roast was taken back.').waitFor();
    assert.equal((await storedRoasts(page)).length, 0);
    await close();
  });

  it('announces what was marked to who cannot see it', async () => {
    const { page, close } = await app.open();
    await openAt(page, '/roast/');
    await firstThings(page);
    await beansIn(page);
    await pass(page, 150);
    await page.keyboard.press('Space');
    await page.locator('[aria-live=polite]', { hasText: /^Noted: yellow 2:[23]\d\.$/ }).waitFor();
    await close();
  });

  it('shows the keys on ? and drives the gear’s heat with the arrows', async () => {
    const { page, close } = await app.open();
    await openAt(page, '/roast/');
    await page.getByLabel('What you call it').fill('Crank pot');
    await page.getByLabel('What it is').selectOption('stovetopPopper');
    await page.getByRole('button', { name: 'Add this gear' }).click();
    await page.getByLabel('What you call these beans').fill('Old Ferry');
    await page.getByLabel('How much green you bought').fill('2 lb');
    await page.getByRole('button', { name: 'Add these beans' }).click();
    await beansIn(page);
    await page.keyboard.press('?');
    await page.getByRole('dialog', { name: 'Keys' }).waitFor();
    await page.keyboard.press('Escape');
    await page.getByRole('dialog').waitFor({ state: 'hidden' });
    await pass(page, 30);
    await page.keyboard.press('ArrowDown');
    await page.getByRole('button', { name: /Undo flame 5 0:3/ }).waitFor();
    await close();
  });

  it('roasts one again with the earlier ribbon as a guide', async () => {
    const { page, close } = await app.open();
    await openAt(page, '/roast/');
    await firstThings(page);
    await page.getByLabel('Weight', { exact: true }).fill('77');
    await beansIn(page);
    await pass(page, 240);
    await page.keyboard.press('Shift+Space');
    await page.getByRole('link', { name: /Done/ }).click();
    await page.getByRole('link', { name: 'Roast this again' }).click();
    await page.getByText('Like 24 Nov').waitFor();
    assert.equal(await page.getByLabel('Weight', { exact: true }).inputValue(), '77 g');
    await beansIn(page);
    await page.locator('[id$="-guide-body"]').waitFor({ state: 'attached' });
    await close();
  });
});

describe('before the heat', () => {
  it('plans a jar: beans by the scoop, equal batches, and the stock goes down', async () => {
    const { page, close } = await app.open();
    await openAt(page, '/roast/');
    await firstThings(page);
    await page.goto('/larder/');
    await page.getByRole('button', { name: 'Edit Lantern Terrace' }).click();
    await page.getByText('More about them').click();
    await page.getByLabel('Moisture').fill('40');
    await page.getByLabel('What one of your scoops of it weighs').fill('12 g');
    await page.getByRole('button', { name: 'Save' }).click();
    await page.getByText('40 % is outside what can be: between 3 % and 20 %.').waitFor();
    await page.getByLabel('Moisture').fill('11');
    await page.getByRole('button', { name: 'Save' }).click();
    await page.getByText('Lantern Terrace is changed.').waitFor();
    await page.goto('/roast/');
    const weight = page.getByLabel('Weight', { exact: true });
    await weight.fill('6 scoops');
    await page.getByText('about 6.0 scoops').waitFor();
    await weight.fill('250');
    await page.getByText('Too much in it moves badly and scorches; 3 batches of 83 g would fit.').waitFor();
    await page.getByLabel('Green or roasted').selectOption('roasted');
    // 250 / (1 − 0.147) = 293 g, three batches of 98 g in a popper that takes 120 g at the most.
    await page.getByText('3 × 98 g').first().waitFor();
    await page.getByRole('button', { name: 'Beans in: batch 1' }).click();
    await page.getByRole('timer').waitFor();
    page.on('dialog', (dialog) => void dialog.accept());
    await page.goto('/larder/');
    await page.getByText('902 g left').waitFor();
    await page.goto('/plan/day/');
    await page.getByRole('heading', { name: /2 batches to go/ }).waitFor();
    await close();
  });
});
