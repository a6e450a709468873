import assert from 'node:assert/strict';
import { after, before, it } from 'node:test';
import type { Page } from 'playwright-core';
import { giveProbe, storedRoasts } from './deeds.ts';
import { type Served, serveApp } from './harness.ts';

let app: Served;
before(async () => {
  app = await serveApp('demo');
});
after(() => app.stop());

/** A port that prints a rising number a second, as a board with a thermometer does; pulled out once on the way. */
const PORT = `{
  const text = new TextEncoder();
  const port = {
    opened: 0,
    open: async () => { port.opened++; port.readable = new ReadableStream({ start(out) {
      let n = 0;
      const timer = setInterval(() => { n++;
        if (port.opened === 1 && n === 4) { clearInterval(timer); out.error(new Error('pulled out')); return; }
        out.enqueue(text.encode('T1=' + (60 + port.opened * 10 + n)));
        out.enqueue(text.encode('.5C\\r\\n'));
      }, 700);
    } }); },
    close: async () => {},
  };
  Object.defineProperty(navigator, 'serial', { value: { requestPort: async () => port, getPorts: async () => [port] } });
}`;

/** The page of the first piece of gear, which has a probe from now on. */
async function pieceWithProbe(page: Page): Promise<string> {
  await page.goto('/gear/');
  await page.getByText('You roast on').waitFor();
  const id = await giveProbe(page);
  await page.goto(`/gear/piece/?id=${encodeURIComponent(id)}`);
  return id;
}

it('a thermometer on a cable is chosen on the gear’s page and heard at the heat, through a pulled plug', async () => {
  const { page, close } = await app.open();
  await page.addInitScript(PORT);
  const id = await pieceWithProbe(page);
  await page.getByRole('radio', { name: 'on a USB cable' }).click();
  await page.getByRole('button', { name: 'Choose and try it' }).click();
  await page.getByText(/It shows \d+ °C\. The next roast hears it/).waitFor();
  await page.goto(`/roast/?gear=${encodeURIComponent(id)}`);
  await page.getByRole('button', { name: 'Beans in' }).first().click();
  await page.getByRole('timer').waitFor();
  let celsius: number[] = [];
  for (let tries = 0; tries < 60 && !celsius.some((each) => each > 80); tries++) {
    await page.waitForTimeout(500);
    const open = (await storedRoasts(page, 'gander-demo')).find(
      ({ entries }) => !entries.some(({ kind }) => kind === 'pull'),
    );
    celsius = (open?.entries ?? []).flatMap((entry) =>
      entry.kind === 'reading' ? [(entry as unknown as { celsius: number }).celsius] : [],
    );
  }
  assert.ok(celsius.includes(71.5), `before the plug was pulled: ${celsius}`);
  assert.ok(
    celsius.some((each) => each > 80),
    `and after: ${celsius}`,
  );
  await close();
});

it('says so where the browser cannot, and shows the stand-in', async () => {
  const { page, close } = await app.open();
  await page.addInitScript(
    `Object.defineProperty(Navigator.prototype, 'serial', { value: undefined }); Object.defineProperty(Navigator.prototype, 'bluetooth', { value: undefined });`,
  );
  await pieceWithProbe(page);
  for (const way of ['on a USB cable', 'by Bluetooth']) {
    await page.getByRole('radio', { name: way }).click();
    await page.getByText(/This browser cannot read/).waitFor();
  }
  await page.getByRole('radio', { name: 'only simulated' }).click();
  await page.getByRole('button', { name: 'Try it' }).click();
  await page.getByText(/It shows 1[0-9]\d °C/).waitFor();
  await close();
});
