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

it('a log that began before the beans went in begins where it falls, and goes beside the marks of a roast', async () => {
  const { page, close } = await app.open();
  // 190 °C and more for 100 s, then cold beans.
  const celsius = (s: number) => (s <= 100 ? 190 + s / 100 : s <= 160 ? 190 - (s - 100) * 1.5 : 100 + (s - 160) / 4);
  const log = ['s,bean °C', ...Array.from({ length: 60 }, (_, i) => `${i * 10},${celsius(i * 10)}`)].join('\n');
  await load(page, 'preheated.csv', Buffer.from(log));
  const began = page.getByLabel('Beans in, after the log began');
  assert.equal(await began.inputValue(), '0:00');
  await began.fill('soon');
  await page.getByText('“soon” is not a time.').waitFor();
  assert.ok(await page.getByRole('button', { name: 'Keep it', exact: true }).isDisabled());
  await began.fill('0:00');
  await page.getByText('At 1:40 it falls as when beans go in.').waitFor();
  await page.getByRole('button', { name: 'Begin there' }).click();
  assert.equal(await began.inputValue(), '1:40');
  await page.getByText('60 readings over 8:10').waitFor();
  const into = page.getByLabel('It belongs to');
  const offered = await into.locator('option').allInnerTexts();
  assert.equal(new Set(offered).size, offered.length, 'no two are called the same');
  await into.selectOption({ index: 1 });
  const before = await storedRoasts(page, 'gander-demo');
  await page.getByRole('button', { name: 'Keep it', exact: true }).click();
  await page.getByText('60 readings are in the journal.', { exact: true }).waitFor();
  const after = await storedRoasts(page, 'gander-demo');
  const had = before.flatMap(({ entries }) => entries.map(({ at }) => at));
  const times = after.flatMap(({ entries }) => entries.map(({ at }) => at));
  for (const at of had) times.splice(times.indexOf(at), 1);
  assert.deepEqual([Math.min(...times), Math.max(...times)], [-100, 490]);
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
