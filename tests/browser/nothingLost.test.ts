import assert from 'node:assert/strict';
import { after, before, describe, it } from 'node:test';
import { beansIn, clockText, firstThings, openAt, pass, START, storedRoasts } from './deeds.ts';
import { type Served, serveApp } from './harness.ts';

let app: Served;
before(async () => {
  app = await serveApp('ask');
});
after(() => app.stop());

async function onTheHeat() {
  const opened = await app.open();
  await openAt(opened.page, '/roast/');
  await firstThings(opened.page);
  await beansIn(opened.page);
  return opened;
}

describe('nothing is lost', () => {
  it('when the page is loaded again mid-roast: offered on every page, with the right clock', async () => {
    const { page, close } = await onTheHeat();
    await pass(page, 120);
    await page.keyboard.press('Space');
    await page.getByText('Browning').waitFor();
    await pass(page, 72);
    page.on('dialog', (dialog) => void dialog.accept());
    await page.reload();
    await page.getByText('Browning').waitFor();
    assert.match(await clockText(page), /^3:[12]\d$/);
    for (const path of ['/', '/journal/', '/larder/', '/gear/', '/files/', '/roast/']) {
      await page.goto(path);
      const bar = page.getByRole('link', { name: /On the heat/ });
      await bar.waitFor();
      assert.match(await bar.innerText(), /Yellow was 1:[1-4]\d ago/);
    }
    await page.getByRole('link', { name: /On the heat/ }).click();
    await page.getByText('Browning').waitFor();
    await close();
  });

  it('when the browser is killed: the roast is there in the next one', async () => {
    const { page, context, close } = await onTheHeat();
    await pass(page, 100);
    await page.keyboard.press('Space');
    await page.getByText('Browning').waitFor();
    await page.close({ runBeforeUnload: false });
    const next = await context.newPage();
    await next.clock.install({ time: new Date(START.getTime() + 160_000) });
    await next.goto('/');
    await next.getByText(/Yellow was 1:[0-3]\d ago/).waitFor();
    await close();
  });

  it('when the phone sleeps for five minutes', async () => {
    const { page, close } = await onTheHeat();
    await pass(page, 60);
    await page.clock.fastForward('05:00');
    await pass(page, 1);
    assert.match(await clockText(page), /^6:0\d$/);
    await close();
  });

  it('when the device’s clock jumps an hour: the roast’s clock goes on, and it says so', async () => {
    const { page, close } = await onTheHeat();
    await pass(page, 60);
    await page.clock.setSystemTime(START.getTime() + 3_600_000 + 60_000);
    await pass(page, 2);
    await page.getByText('clock jumped ahead by 1 h').waitFor();
    assert.match(await clockText(page), /^1:0[1-9]$/);
    await page.getByRole('button', { name: 'Good' }).click();
    page.on('dialog', (dialog) => void dialog.accept());
    await page.reload();
    await page.getByRole('timer').waitFor();
    assert.match(await clockText(page), /^1:0[1-9]$/, 'right after a reload, too');
    await close();
  });

  it('when the device’s clock jumps back', async () => {
    const { page, close } = await onTheHeat();
    await pass(page, 60);
    await page.clock.setSystemTime(START.getTime() - 7_200_000);
    await pass(page, 2);
    await page.getByText('clock jumped back by 2 h').waitFor();
    assert.match(await clockText(page), /^1:0[1-9]$/);
    await close();
  });

  it('when two tabs show one roast: both mark, both see it', async () => {
    const { page, context, close } = await onTheHeat();
    const other = await context.newPage();
    await other.clock.install({ time: new Date(START.getTime() + 120_000) });
    await other.goto(page.url());
    await other.getByText('Drying').waitFor();
    await pass(page, 120);
    await other.keyboard.press('Space');
    await page.getByText('Browning').waitFor();
    await page.keyboard.press('3');
    await other.getByRole('button', { name: /Undo smell of toast/ }).waitFor();
    assert.equal((await storedRoasts(page))[0]?.entries.length, 2);
    await close();
  });

  it('when the page is left: the browser asks first', async () => {
    const { page, close } = await onTheHeat();
    await page.getByRole('button', { name: 'hay' }).click();
    const asked = page.waitForEvent('dialog');
    const leaving = page.goto('/journal/').catch(() => undefined);
    const dialog = await asked;
    assert.equal(dialog.type(), 'beforeunload');
    await dialog.accept();
    await leaving;
    await close();
  });

  it('when the same gear is started twice: it leads to the roast that is on', async () => {
    const { page, close } = await onTheHeat();
    page.on('dialog', (dialog) => void dialog.accept());
    await page.goto('/roast/');
    await page.getByRole('button', { name: 'Beans in' }).click();
    await page.getByText('Blue popper has a roast on the heat already.').waitFor();
    assert.equal((await storedRoasts(page)).length, 1);
    await page.getByRole('link', { name: 'Go to it' }).click();
    await page.getByRole('timer').waitFor();
    await close();
  });

  it('when a later Gander has changed the database: it reads, and writes nothing', async () => {
    const { page, close } = await app.open();
    await openAt(page, '/roast/');
    await firstThings(page);
    await page.goto('/icon.svg');
    await page.evaluate(
      () =>
        new Promise((resolve, reject) => {
          const opening = indexedDB.open('gander', 999);
          opening.onsuccess = () => resolve(opening.result.close());
          opening.onerror = () => reject(opening.error);
        }),
    );
    await page.goto('/larder/');
    await page.getByText('Until then nothing is changed.').waitFor();
    await page.getByText('Lantern Terrace').waitFor();
    await close();
  });
});
