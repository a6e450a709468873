import { KEEPS_PAGES } from '../browser/harness.ts';
import { openChromium } from '../browser/ownChromium.ts';
import type { Driver } from './driver.ts';

/** Chromium, as in all other browser tests. */
export async function openChromiumDriver(): Promise<Driver> {
  const { context, close } = await openChromium(KEEPS_PAGES);
  const page = context.pages()[0] ?? (await context.newPage());
  page.setDefaultTimeout(20_000);
  const at = (xpath: string) => page.locator(`xpath=${xpath}`).first();
  return {
    name: 'Chromium',
    goto: async (address) => void (await page.goto(address)),
    back: async () => void (await page.goBack()),
    forward: async () => void (await page.goForward()),
    reload: async () => void (await page.reload()),
    click: (xpath) => at(xpath).click(),
    fill: (xpath, text) => at(xpath).fill(text),
    press: (key) => page.keyboard.press(key),
    texts: (xpath) => page.locator(`xpath=${xpath}`).allInnerTexts(),
    run: (body) => page.evaluate(`(async () => { ${body} })()`),
    close,
  };
}
