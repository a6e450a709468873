import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import puppeteer, { type KeyInput } from 'puppeteer-core';
import { type Driver, until } from './driver.ts';

const FIREFOX = process.env.FIREFOX ?? '/usr/bin/firefox-esr';

/** A page has gone after so long; what comes is waited for by what is on it. */
const LEAVES_MS = 1200;

/** Firefox, through Debian's firefox-esr, over WebDriver BiDi. */
export async function openFirefox(): Promise<Driver> {
  const folder = await mkdtemp(join(tmpdir(), 'gander-firefox-'));
  const browser = await puppeteer.launch({
    browser: 'firefox',
    executablePath: FIREFOX,
    headless: true,
    userDataDir: folder,
    defaultViewport: { width: 1280, height: 800 },
    extraPrefsFirefox: { 'intl.accept_languages': 'en-GB' },
  });
  const page = await browser.newPage();
  page.setDefaultTimeout(60_000);
  // The page asks before a roast is left; the journey means to.
  page.on('dialog', (dialog) => void dialog.accept().catch(() => undefined));
  const find = async (xpath: string) => {
    const element = await page.$(`::-p-xpath(${xpath})`);
    if (!element) throw new Error(`nothing at ${xpath}`);
    return element;
  };
  const leave = async (how: string) => {
    await page.evaluate(`setTimeout(() => { ${how} })`);
    await new Promise((resolve) => setTimeout(resolve, LEAVES_MS));
  };
  return {
    name: 'Firefox',
    // By the page itself: a page that comes back from the history has no load event to wait for.
    goto: async (address) => {
      await leave(`location.assign(${JSON.stringify(address)})`);
      await until(address, async () => (await page.evaluate('location.href')) === address);
    },
    back: () => leave('history.back()'),
    forward: () => leave('history.forward()'),
    reload: () => leave('location.reload()'),
    click: async (xpath) => (await find(xpath)).click(),
    fill: async (xpath, text) => {
      const element = await find(xpath);
      await element.click({ count: 3 });
      await page.keyboard.press('Backspace');
      await element.type(text);
    },
    press: async (key) => {
      const shifted = key === 'Shift+Space';
      if (shifted) await page.keyboard.down('Shift');
      await page.keyboard.press((shifted || key === 'Space' ? ' ' : key) as KeyInput);
      if (shifted) await page.keyboard.up('Shift');
    },
    texts: async (xpath) => {
      const elements = await page.$$(`::-p-xpath(${xpath})`);
      return Promise.all(
        elements.map((element) => element.evaluate((each) => (each as unknown as { innerText: string }).innerText)),
      );
    },
    run: (body) => page.evaluate(`(async () => { ${body} })()`) as Promise<never>,
    close: async () => {
      await browser.close();
      await rm(folder, { recursive: true, force: true });
    },
  };
}
