import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { after, before, it } from 'node:test';
import type { Page } from 'playwright-core';
import { storedRoasts } from './deeds.ts';
import { type Served, serveApp } from './harness.ts';

let app: Served;
before(async () => {
  app = await serveApp('demo');
});
after(() => app.stop());

const LOG = [
  'Time,Bean temp (F),Note',
  ...Array.from(
    { length: 16 },
    (_, i) =>
      `${Math.floor(i / 2)}:${i % 2 ? '30' : '00'},${195 + i * 14},${i === 12 ? 'first crack' : i === 15 ? 'pulled' : ''}`,
  ),
].join('\n');
const LIST =
  'Datum;Coffee;Machine;Green (g);First crack;Total time;Caf\u00e9\n03.11.2025;Kite Hill;Blue popper;80,0;5:10;6:40;d\u00e9j\u00e0\n;;;;;;vu';

const load = async (page: Page, name: string, buffer: Buffer) => {
  await page.goto('/files/');
  await page.locator('input[type=file]').setInputFiles({ name, mimeType: 'text/csv', buffer });
};

it('a thermometer’s log becomes a roast, after a look at its ribbon, and one press takes it back', async () => {
  const { page, close } = await app.open();
  await load(page, 'log.csv', Buffer.from(LOG));
  await page.getByText('16 readings over 7:30').waitFor();
  await page.getByRole('button', { name: 'Keep it', exact: true }).click();
  await page.getByText('16 readings are in the journal.', { exact: true }).waitFor();
  const roasts = await storedRoasts(page, 'gander-demo');
  assert.equal(roasts.length, 42);
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
  await page.getByText('Taken back').first().waitFor();
  assert.equal((await storedRoasts(page, 'gander-demo')).length, 41);
  await close();
});

it('a list of roasts in an old code is looked over as paper is; its columns are remembered', async () => {
  const { page, close } = await app.open();
  await load(page, 'list.csv', Buffer.from(LIST, 'latin1'));
  await page.getByText('line 3: nothing in it is a roast').waitFor();
  await page.getByLabel('Datum, like 03.11.2025').selectOption('date');
  await page.getByLabel('Café, like déjà').selectOption('note');
  await page.getByRole('button', { name: 'Look over 1 roast' }).click();
  await page.getByText('1 roast to keep.').waitFor();
  await load(page, 'list.csv', Buffer.from(LIST, 'latin1'));
  assert.equal(await page.getByLabel('Café, like déjà').inputValue(), 'note');
  await close();
});

it('what is no table is refused in words', async () => {
  const { page, close } = await app.open();
  await load(page, 'poem.txt', Buffer.from('beans hum\nin the pan\n'));
  await page.getByText('poem.txt holds no table').waitFor();
  await close();
});

it('the roasts are saved as a table', async () => {
  const { page, close } = await app.open({ acceptDownloads: true });
  await page.goto('/files/');
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Roasts', exact: true }).click(),
  ]);
  assert.match(saved.suggestedFilename(), /^gander-roasts-.*\.csv$/);
  const text = readFileSync(await saved.path(), 'utf8');
  assert.equal(text.trim().split('\r\n').length, 42);
  assert.match(text, /^\ufeffroast,beans in \(UTC\),beans,gear,green \(g\)/);
  await close();
});
