import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { after, before, describe, it } from 'node:test';
import type { Page } from 'playwright-core';
import { type Served, serveApp } from './harness.ts';
import { openChromium } from './ownChromium.ts';

let app: Served;
before(async () => {
  app = await serveApp('demo');
});
after(() => app.stop());

/** Changes the first row of a table past everything that would refuse it. */
const spoil = (page: Page, table: string, change: string) =>
  page.evaluate(
    ([store, how]) =>
      new Promise<void>((resolve) => {
        const opening = indexedDB.open('gander-demo');
        opening.onsuccess = () => {
          const writing = opening.result.transaction(store as string, 'readwrite');
          const rows = writing.objectStore(store as string);
          rows.getAll().onsuccess = (event) => {
            const [row] = (event.target as IDBRequest<Record<string, unknown>[]>).result;
            if (how === 'no log') delete row?.entries;
            if (how === 'no number') Object.assign(row ?? {}, { greenGrams: Number.NaN });
            rows.put(row);
          };
          writing.oncomplete = () => {
            opening.result.close();
            resolve();
          };
        };
      }),
    [table, change],
  );

const count = (page: Page, table: string) =>
  page.evaluate(
    (store) =>
      new Promise<number>((resolve) => {
        const opening = indexedDB.open('gander-demo');
        opening.onsuccess = () => {
          const asking = opening.result.transaction(store).objectStore(store).count();
          asking.onsuccess = () => {
            opening.result.close();
            resolve(asking.result);
          };
        };
      }),
    table,
  );

async function demoOpen() {
  const opened = await app.open({ acceptDownloads: true });
  await opened.page.goto('/journal/');
  await opened.page.getByText('41 roasts').first().waitFor();
  return opened;
}

describe('storage that is blocked or missing is said in words, on a page that is never blank', () => {
  const OPENS = 'Your notebook lives on this device';
  const BLOCKED = 'This browser keeps nothing here.';
  const ways = {
    'the small store is refused': [
      OPENS,
      `Object.defineProperty(window, 'localStorage', { get() { throw new DOMException('no', 'SecurityError'); } })`,
    ],
    'the visit’s store is refused': [
      OPENS,
      `Object.defineProperty(window, 'sessionStorage', { get() { throw new DOMException('no', 'SecurityError'); } })`,
    ],
    'no store keeps anything': [
      OPENS,
      `Storage.prototype.setItem = () => { throw new DOMException('full', 'QuotaExceededError'); }`,
    ],
    'there is no database': [BLOCKED, `Object.defineProperty(window, 'indexedDB', { value: undefined })`],
    'the database is refused': [
      BLOCKED,
      `IDBFactory.prototype.open = () => { throw new DOMException('The operation is insecure.', 'SecurityError'); }`,
    ],
    'the database fails to open': [
      'This device has no room left.',
      `IDBFactory.prototype.open = function () { const request = {}; setTimeout(() => { request.error = new DOMException('no room', 'QuotaExceededError'); request.onerror?.({ target: request, preventDefault() {}, stopPropagation() {} }); }); return request; }`,
    ],
    'the database never answers': [
      'Gander has not opened yet.',
      `IDBFactory.prototype.open = () => ({ addEventListener() {} })`,
    ],
    'the keeper of pages is refused': [
      OPENS,
      `Object.defineProperty(Navigator.prototype, 'serviceWorker', { get() { return undefined; } })`,
    ],
  } as const;
  for (const [what, [words, script]] of Object.entries(ways))
    it(what, async () => {
      const { page, close } = await app.open();
      await page.addInitScript(script);
      await page.goto('/files/');
      await page.getByText(words).first().waitFor();
      // Only what never answers is left to the page's own words, which stand there when nothing else has.
      assert.equal(await page.getByText('has not opened yet').isVisible(), words.includes('opened yet'));
      await close();
    });

  it('JavaScript that is switched off', async () => {
    const { context, close } = await openChromium({ baseURL: app.address, javaScriptEnabled: false });
    const page = await context.newPage();
    await page.goto('/journal/');
    await page
      .getByText(/needs JavaScript/)
      .first()
      .waitFor();
    await close();
  });
});

describe('a row that cannot be read', () => {
  it('is taken out of the way where it stops a page, named, and put back with what can be read of it', async () => {
    const { page, close } = await demoOpen();
    await spoil(page, 'roasts', 'no log');
    await page.goto('/');
    await page.getByText('could not be read').waitFor();
    await page.goto('/journal/');
    await page.getByText('1 roast cannot be read').waitFor();
    await page.getByText('40 roasts').first().waitFor();
    await page.getByRole('link', { name: 'Repair, export or delete it' }).click();
    await page.getByText(/its log: it is missing/).waitFor();
    await page.getByRole('button', { name: 'Repair' }).click();
    await page.waitForURL(/journal\/roast/);
    assert.equal(await count(page, 'roasts'), 41);
    await close();
  });

  it('that stops nothing is found by itself a little later', async () => {
    const { page, close } = await demoOpen();
    await spoil(page, 'roasts', 'no number');
    await page.evaluate(() => localStorage.removeItem('gander.lookedAfter/gander-demo'));
    // Not beside a file that somebody is at.
    await page.goto('/files/');
    await page.getByLabel('Choose a file').setInputFiles('demo/household.gander.json');
    await page.getByRole('button', { name: 'Load it' }).waitFor();
    await page.evaluate(
      () =>
        new Promise<void>((putOff) => {
          const own = Storage.prototype.removeItem;
          Storage.prototype.removeItem = function (key) {
            own.call(this, key);
            if (key.startsWith('gander.lookedAfter')) putOff();
          };
        }),
    );
    assert.equal(await count(page, 'aside'), 0);
    await page.goto('/gear/');
    await page.getByText('1 thing in the notebook could not be read').waitFor();
    assert.equal(await count(page, 'aside'), 1);
    await close();
  });
});

describe('the rescue page', () => {
  it('counts, saves as it is, deletes a row, rebuilds, and starts empty; its file loads again', async () => {
    const { page, close } = await demoOpen();
    await spoil(page, 'roasts', 'no log');
    await page.goto('/rescue/');
    await page.getByRole('button', { name: '41 in roasts' }).click();
    const cups = page.getByRole('button', { name: '25 in cups' });
    await cups.click();
    const first = page.locator('code').filter({ hasText: '"cup:' }).first().locator('..');
    await first.getByRole('button', { name: 'Delete' }).click();
    await first.getByRole('button', { name: 'Delete it for good' }).click();
    await page.getByText('One row of cups is deleted.').waitFor();

    await page.getByRole('button', { name: 'Rebuild it' }).click();
    const [saved] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save it, then rebuild it' }).click(),
    ]);
    await page.getByText(/Rebuilt: \d+ rows are in it, 1 could not be read/).waitFor();
    await page.getByRole('button', { name: '40 in roasts' }).waitFor();
    await page.getByRole('button', { name: '24 in cups' }).waitFor();

    await page.getByRole('button', { name: 'Start empty' }).click();
    await page.getByRole('button', { name: /delete all of it here/ }).click();
    await page.getByText('It is empty now.').waitFor();

    const raw = JSON.parse(readFileSync(await saved.path(), 'utf8'));
    assert.equal(raw.tables.roasts.length, 41);
    await page.goto('/files/');
    await page.locator('input[type=file]').setInputFiles(await saved.path());
    await page.getByText(/1 thing cannot be read and is left out/).waitFor();
    await page.getByRole('button', { name: 'Load it' }).click();
    await page.getByRole('status').filter({ hasText: 'is loaded' }).waitFor();
    await page.goto('/journal/');
    await page.getByText('40 roasts').first().waitFor();
    await close();
  });
});

it('a deleted roast is had back from the bin days later', async () => {
  const { page, close } = await demoOpen();
  await page.getByRole('checkbox').first().check();
  await page.getByRole('button', { name: 'Delete', exact: true }).click();
  await page.getByRole('button', { name: 'Delete it' }).click();
  await page.getByText('40 roasts').first().waitFor();
  await page.evaluate(() => sessionStorage.clear());
  await page.goto('/files/');
  const bin = page.getByRole('region', { name: 'Deleted' });
  await bin.getByRole('button', { name: 'Have it back' }).click();
  await bin.getByText('There is nothing now.').waitFor();
  assert.equal(await count(page, 'roasts'), 41);
  await close();
});
