import { type ChildProcess, spawn } from 'node:child_process';
import { Builder, By, Key } from 'selenium-webdriver';
import { freePort } from '../browser/harness.ts';
import type { Driver } from './driver.ts';

const MINI_BROWSERS = [
  '/usr/lib/x86_64-linux-gnu/webkit2gtk-4.1/MiniBrowser',
  '/usr/lib/x86_64-linux-gnu/webkit2gtk-4.0/MiniBrowser',
];

/** WebKit, the engine of every iPhone and iPad, through Debian's webkit2gtk-driver on a screen that is only simulated. */
export async function openWebKit(): Promise<Driver> {
  const port = await freePort();
  const server: ChildProcess = spawn('xvfb-run', ['-a', 'WebKitWebDriver', `--port=${port}`], {
    stdio: 'ignore',
    detached: true,
    env: { ...process.env, WEBKIT_DISABLE_SANDBOX_THIS_IS_DANGEROUS: '1', LC_ALL: 'C.UTF-8' },
  });
  const end = () => server.pid && process.kill(-server.pid);
  // Left running it would keep the test from ending.
  await answering(port).catch((error) => {
    end();
    throw error;
  });
  const driver = await new Builder()
    .disableEnvironmentOverrides()
    .usingServer(`http://127.0.0.1:${port}`)
    .withCapabilities({
      browserName: 'MiniBrowser',
      unhandledPromptBehavior: 'accept',
      'webkitgtk:browserOptions': { binary: MINI_BROWSERS[0], args: ['--automation'] },
    })
    .build();
  await driver.manage().setTimeouts({ script: 20_000, pageLoad: 30_000 });
  const find = (xpath: string) => driver.findElement(By.xpath(xpath));
  const keys: Readonly<Record<string, string>> = { Space: ' ', Enter: Key.ENTER };
  return {
    name: 'WebKit',
    goto: (address) => driver.get(address),
    back: () => driver.navigate().back(),
    forward: () => driver.navigate().forward(),
    reload: () => driver.navigate().refresh(),
    click: async (xpath) => (await find(xpath)).click(),
    fill: async (xpath, text) => {
      const element = await find(xpath);
      await element.clear();
      await element.sendKeys(text);
    },
    press: async (key) => {
      const actions = driver.actions();
      const typed =
        key === 'Shift+Space'
          ? actions.keyDown(Key.SHIFT).sendKeys(' ').keyUp(Key.SHIFT)
          : actions.sendKeys(keys[key] ?? key);
      await typed.perform();
    },
    texts: async (xpath) => Promise.all((await driver.findElements(By.xpath(xpath))).map((each) => each.getText())),
    run: (body) => driver.executeScript(body),
    close: async () => {
      await driver.quit().catch(() => undefined);
      end();
    },
  };
}

/** The driver's screen takes its time to come up on a busy machine. */
async function answering(port: number): Promise<void> {
  const until = Date.now() + 30_000;
  while (!(await fetch(`http://127.0.0.1:${port}/status`).catch(() => undefined))) {
    if (Date.now() > until) throw new Error('WebKitWebDriver does not answer.');
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
}
