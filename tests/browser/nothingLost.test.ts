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

  it('when it is loaded again and the device’s clock stands before the last mark: it counts on, and asks', async () => {
    const { page, context, close } = await onTheHeat();
    await pass(page, 120);
    await page.keyboard.press('Space');
    await page.getByText('Browning').waitFor();
    const address = page.url();
    await page.close({ runBeforeUnload: false });
    const next = await context.newPage();
    await next.clock.install({ time: new Date(START.getTime() - 3_600_000) });
    await next.goto(address);
    await next.getByText(/stands 1 h 2 min before your last mark/).waitFor();
    await next
      .getByText(/^2:0\d$/)
      .first()
      .waitFor();
    // A question that just came is not answered by a press meant for something else.
    await pass(next, 2);
    await next.getByRole('button', { name: 'A minute more' }).click();
    await next
      .getByText(/^3:0\d$/)
      .first()
      .waitFor();
    await pass(next, 2);
    await next.getByRole('button', { name: 'No, go on' }).click();
    await next.getByText(/before your last mark/).waitFor({ state: 'detached' });
    await close();
  });

  it('when the clock goes an hour ahead while the page is out of sight: it asks whether the device slept', async () => {
    const { page, close } = await onTheHeat();
    await pass(page, 60);
    const sight = (state: string) =>
      page.evaluate(
        `Object.defineProperty(document, 'visibilityState', { value: '${state}', configurable: true });
         document.dispatchEvent(new Event('visibilitychange'));`,
      );
    await sight('hidden');
    await page.clock.setSystemTime(START.getTime() + 3_600_000 + 60_000);
    await sight('visible');
    await page.getByText(/went on by 1 h while this page was out of sight/).waitFor();
    await pass(page, 2);
    await page.getByRole('button', { name: 'It was set: count on' }).click();
    await page
      .getByText(/^1:\d\d$/)
      .first()
      .waitFor();
    await close();
  });

  it('when the device has no room: what was pressed stays on screen, is said, and is kept once there is room', async () => {
    const { page, close } = await onTheHeat();
    await pass(page, 60);
    await page.evaluate(
      `const put = IDBObjectStore.prototype.put;
       window.makeRoom = () => { IDBObjectStore.prototype.put = put; };
       IDBObjectStore.prototype.put = () => { throw new DOMException('no room', 'QuotaExceededError'); };`,
    );
    await page.keyboard.press('Space');
    await page.getByText('Browning').waitFor();
    await pass(page, 4);
    await page.getByText(/Not kept yet: your last press/).waitFor();
    await page.getByText(/no room left on this device/).waitFor();
    assert.equal((await storedRoasts(page))[0]?.entries.length, 0);
    await page.evaluate(() => (window as unknown as { makeRoom(): void }).makeRoom());
    for (let tries = 0; tries < 20; tries++) {
      await pass(page, 1);
      if ((await storedRoasts(page))[0]?.entries.length === 1) break;
    }
    assert.equal((await storedRoasts(page))[0]?.entries.length, 1);
    await page.getByText(/Not kept yet/).waitFor({ state: 'detached' });
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

  it('when the network goes before the first change, and the page is left at once', async () => {
    const { page, context, close } = await app.open();
    const fetched = page.waitForResponse((response) => /rulebook/.test(response.url()));
    await page.goto('/files/');
    await page.getByRole('radio', { name: 'ounces' }).waitFor();
    await fetched;
    await context.setOffline(true);
    await page.getByRole('radio', { name: 'ounces' }).click();
    await page.getByRole('radio', { name: 'ounces', checked: true }).waitFor();
    await context.setOffline(false);
    await page.goto('/files/');
    await page.getByRole('radio', { name: 'ounces', checked: true }).waitFor();
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
