import assert from 'node:assert/strict';
import { after, before, describe, it } from 'node:test';
import type { Page } from 'playwright-core';
import { beansIn, firstThings, storedRoasts } from './deeds.ts';
import { KEEPS_PAGES, type Served, serveApp } from './harness.ts';

let app: Served;
before(async () => {
  app = await serveApp('ask');
});
after(() => app.stop());

/** Waits until every page is kept on the device. */
const kept = (page: Page) => page.evaluate(() => navigator.serviceWorker.ready.then(({ active }) => active?.scriptURL));
/** True when the server answers: what it is asked here is never kept. */
const answers = (page: Page) =>
  page.evaluate(() =>
    fetch('/api/welcome').then(
      () => true,
      () => false,
    ),
  );

describe('with nothing that answers', () => {
  it('every page opens, and a roast is timed and kept', async () => {
    const { page, context, close } = await app.open(KEEPS_PAGES);
    await firstThings(page);
    assert.match((await kept(page)) ?? '', /offline\.js$/);
    await context.setOffline(true);
    assert.equal(await answers(page), false);

    for (const [path, shows] of [
      ['/', 'Nothing roasted yet.'],
      ['/larder/', 'Lantern Terrace'],
      ['/gear/', 'Blue popper'],
      ['/plan/ahead/', 'Four weeks ahead'],
      ['/taste/', 'No cup is noted yet'],
      ['/journal/?text=lantern', 'The journal is empty'],
      ['/journal/compare/', 'Compare'],
      ['/files/', 'Files and settings'],
    ] as const) {
      await page.goto(path);
      await page.getByText(shows).first().waitFor();
    }

    await page.goto('/roast/');
    await beansIn(page);
    await page.keyboard.press('Space');
    await page.getByText('Browning').waitFor();
    await page.keyboard.press('Shift+Space');
    await page.getByText('Cooling').waitFor();
    const [roast] = await storedRoasts(page);
    assert.deepEqual(
      roast?.entries.map((entry) => entry.milestone ?? entry.kind),
      ['yellow', 'pull'],
    );
    await page.goto('/journal/');
    await page.getByText('1 roast', { exact: true }).waitFor();
    await close();
  });
});
