import assert from 'node:assert/strict';
import { after, before, describe, it } from 'node:test';
import { storedRoasts } from './deeds.ts';
import { type Served, serveApp } from './harness.ts';

let demo: Served;
before(async () => {
  demo = await serveApp('demo');
});
after(() => demo.stop());

describe('roasts from paper', () => {
  it('are typed by the keyboard alone, kept, taken back, and outlive a reload before that', async () => {
    const { page, close } = await demo.open();
    await page.goto('/');
    await page.getByText('Roasted last').waitFor();
    const count = async () => (await storedRoasts(page, 'gander-demo')).length;
    const earlier = await count();
    await page.goto('/journal/paper/');
    await page.getByLabel('Date, line 1', { exact: true }).focus();
    const type = async (...cells: readonly string[]) => {
      for (const cell of cells) {
        await page.keyboard.type(cell);
        await page.keyboard.press('Tab');
      }
    };
    // Date, beans, gear, green, yellow, first, second, pull; then to the next line.
    await type('2.3.', 'Old sack', 'Blue popper', '82', '2:05', '4:10', '', '5:30');
    await page.getByText('“Old sack” is not in the larder: kept as used up.').waitFor();
    await page.keyboard.press('Enter');
    await type('', '', '', '', '', '250', '', '335', '70 g', 'medium');
    await page.keyboard.press('Enter');
    await type('', '', '', '', '', '6:00', '', '5:00');
    await page.getByText('Pull: The pull comes before first crack: which of the two is wrong?').waitFor();
    await page.getByRole('heading', { name: '2 roasts to keep.' }).waitFor();

    await page.reload();
    await page.getByRole('heading', { name: '2 roasts to keep.' }).waitFor();
    await page.getByRole('button', { name: 'Keep 2 roasts' }).click();
    await page.getByText('2 roasts are in the journal.').waitFor();
    assert.equal(await count(), earlier + 2);
    assert.equal(await page.getByLabel('Pull, line 1').inputValue(), '5:00', 'what cannot be read stays');
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.waitForTimeout(500);
    assert.equal(await count(), earlier);
    await close();
  });

  it('are pasted out of a table with headings of its own, and teach the forecast at once', async () => {
    const { page, context, close } = await demo.open();
    await context.grantPermissions(['clipboard-read', 'clipboard-write']);
    await page.goto('/');
    await page.getByText('Roasted last').waitFor();
    await page.goto('/journal/paper/');
    await page.getByLabel('Date, line 1', { exact: true }).focus();
    const table = [
      'Date;Gear;Green;1st crack;Total;Notes',
      ...Array.from(
        { length: 30 },
        (_, i) => `2025-0${1 + (i % 9)}-1${i % 9};Crank pot;220;8:${10 + i};10:${10 + i};no ${i}`,
      ),
    ];
    await page.evaluate((text) => navigator.clipboard.writeText(text), table.join('\n'));
    await page.keyboard.press('Control+v');
    await page.getByRole('heading', { name: '30 roasts to keep.' }).waitFor();
    await page.getByRole('button', { name: 'Keep 30 roasts' }).click();
    await page.getByText('30 roasts are in the journal.').waitFor();
    await page.goto('/journal/?text=no 29');
    await page.getByText('no 29').first().waitFor();
    await close();
  });
});
