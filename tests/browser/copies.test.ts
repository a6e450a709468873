import assert from 'node:assert/strict';
import { after, before, it } from 'node:test';
import type { Page } from 'playwright-core';
import { manyRoasts } from '../../bench/manyRoasts.ts';
import { firstThings } from './deeds.ts';
import { type Served, serveApp } from './harness.ts';

let app: Served;
before(async () => {
  app = await serveApp('ask');
});
after(() => app.stop());

/** The browser's own folder for this address stands in for one on the disk: its handle is of the same kind. */
const FOLDER = `window.showDirectoryPicker = () => navigator.storage.getDirectory();`;
const names = (page: Page) =>
  page.evaluate(
    `(async () => { const all = []; for await (const name of (await navigator.storage.getDirectory()).keys()) all.push(name); return all.sort(); })()`,
  ) as Promise<string[]>;

/** Roasts in the notebook, as old as told. */
const roasts = (page: Page, count: number, daysAgo: number) =>
  page.evaluate(
    `new Promise((resolve) => { const opening = indexedDB.open('gander'); opening.onsuccess = () => {
       const writing = opening.result.transaction(['roasts', 'lots', 'gear'], 'readwrite');
       writing.objectStore('lots').getAll().onsuccess = (lots) => writing.objectStore('gear').getAll().onsuccess = (gear) => {
         for (let i = 0; i < ${count}; i++) { const at = new Date(Date.now() - ${daysAgo} * 864e5 - i * 1000).toISOString();
           writing.objectStore('roasts').put({ id: 'roast:' + String(i).padStart(12, '0'), createdAt: at, chargedAt: at, lotId: lots.target.result[0].id, gearId: gear.target.result[0].id, greenGrams: 80, wantedShade: 4, place: 'indoors', clockShiftMs: 0,
             entries: [{ kind: 'pull', id: 'entry:' + String(i).padStart(12, '0'), at: 400, pressedAt: 400, source: 'hand', all: true }] }); } };
       writing.oncomplete = () => { opening.result.close(); resolve(); }; }; })`,
  );

/** The last save was so many days ago. */
const setSaved = (page: Page, daysAgo: number) =>
  page.evaluate(
    `new Promise((resolve) => { const opening = indexedDB.open('gander'); opening.onsuccess = () => {
       const writing = opening.result.transaction('backup', 'readwrite'); const rows = writing.objectStore('backup');
       rows.get('backup').onsuccess = (event) => rows.put({ ...event.target.result, savedAt: new Date(Date.now() - ${daysAgo} * 864e5).toISOString() });
       writing.oncomplete = () => { opening.result.close(); resolve(); }; }; })`,
  );

it('a copy a day goes into the chosen folder, the last seven stay, and each is read back', async () => {
  const { page, close } = await app.open();
  await page.addInitScript(FOLDER);
  await firstThings(page);
  await roasts(page, 2, 5);
  await page.evaluate(
    `(async () => { const folder = await navigator.storage.getDirectory(); for (let day = 10; day < 18; day++) await folder.getFileHandle('gander-2026-01-' + day + '.gander.json', { create: true }); await folder.getFileHandle('letters.txt', { create: true }); })()`,
  );
  await page.goto('/files/');
  await page
    .getByText(/2 roasts and never saved/)
    .first()
    .waitFor();
  await page.getByRole('button', { name: 'Put a copy into a folder each day' }).click();
  await page.getByText('A copy is in your folder').waitFor();
  await page.getByText(/Saved today; no roast since/).waitFor();
  const kept = await names(page);
  assert.equal(kept.length, 8, kept.join());
  assert.ok(kept.includes('letters.txt'), 'only copies go');
  assert.ok(!kept.includes('gander-2026-01-11.gander.json'));

  // Two days later nothing has changed: the newest copy is as good as another one.
  await page.evaluate(
    `(async () => { const folder = await navigator.storage.getDirectory(); const names = []; for await (const name of folder.keys()) names.push(name);
       const today = names.filter((name) => name.startsWith('gander-')).sort().at(-1); const text = await (await (await folder.getFileHandle(today)).getFile()).text();
       const writing = await (await folder.getFileHandle('gander-2026-01-20.gander.json', { create: true })).createWritable(); await writing.write(text); await writing.close();
       await folder.removeEntry(today); })()`,
  );
  await setSaved(page, 2);
  const before = await names(page);
  await page.goto('/files/');
  await page.getByText(/Saved today/).waitFor();
  assert.deepEqual(await names(page), before);
  // A roast later there is something new to keep.
  await roasts(page, 3, 5);
  await setSaved(page, 2);
  await page.goto('/files/');
  await page.getByText(/Saved today/).waitFor();
  assert.equal((await names(page)).length, before.length, 'one more copy, and the oldest gone');
  assert.notDeepEqual(await names(page), before);
  await close();
});

it('without a folder a reminder says how long ago, and saves with one press', async () => {
  const { page, close } = await app.open({ acceptDownloads: true });
  await firstThings(page);
  await roasts(page, 4, 2);
  await page.goto('/');
  await page.getByText('4 roasts and never saved as a file').waitFor();
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save it now' }).click(),
  ]);
  assert.match(saved.suggestedFilename(), /\.gander\.json$/);
  await page.getByText('never saved as a file').waitFor({ state: 'detached' });
  await close();
});

it('a notebook that the browser has cleared is said, with the way back', async () => {
  const { page, close } = await app.open();
  await firstThings(page);
  await roasts(page, 3, 2);
  await page.goto('/journal/');
  await page.getByText('3 roasts').first().waitFor();
  await page.waitForFunction(() => localStorage.getItem('gander.held/gander') !== null);
  await page.goto('/licences.txt');
  await page.evaluate(`new Promise((resolve) => { indexedDB.deleteDatabase('gander').onsuccess = resolve; })`);
  await page.goto('/');
  await page.getByText(/it held 3 roasts/).waitFor();
  await page.getByRole('button', { name: 'It is meant to be empty' }).click();
  await page.reload();
  await page.getByText(/it held 3 roasts/).waitFor({ state: 'detached' });
  await close();
});

it('a large file tells how far it is, can be stopped with nothing loaded, and is taken back whole', async () => {
  const { page, close } = await app.open();
  await page.goto('/files/');
  const file = { name: 'years.json', mimeType: 'application/json', buffer: Buffer.from(manyRoasts(2000)) };
  const roasts = () =>
    page.evaluate(`new Promise((resolve) => { const opening = indexedDB.open('gander'); opening.onsuccess = () => {
    opening.result.transaction('roasts').objectStore('roasts').count().onsuccess = (event) => { opening.result.close(); resolve(event.target.result); }; }; })`);
  await page.getByLabel('Choose a file').setInputFiles(file);
  await page.getByRole('button', { name: 'Load it' }).click();
  await page.getByRole('progressbar').waitFor();
  // Leaving would give it up, so the browser asks.
  const asked = page.waitForEvent('dialog');
  await page.close({ runBeforeUnload: true });
  const dialog = await asked;
  assert.equal(dialog.type(), 'beforeunload');
  await dialog.dismiss();
  await page.getByRole('button', { name: 'Stop' }).click();
  await page.getByText('Stopped. Nothing of years.json was loaded').waitFor();
  assert.equal(await roasts(), 0);
  await page.getByLabel('Choose a file').setInputFiles(file);
  await page.getByRole('button', { name: 'Load it' }).click();
  const said = page.getByRole('status').filter({ hasText: 'years.json is loaded' });
  await said.waitFor();
  assert.ok(Number(await roasts()) > 2000);
  await said.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('status').filter({ hasText: 'Taken back: years.json is loaded' }).waitFor();
  assert.equal(await roasts(), 0);
  await close();
});
