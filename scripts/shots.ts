// Takes the pictures of docs/screenshots from the demo household. `./gander shots today journal` takes only those.
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { type Opened, PHONE, serveApp, WIDE } from '../tests/browser/harness.ts';
import { shots } from './shotList.ts';

const wanted = process.argv.slice(2);
const folder = process.env.SHOTS ?? join('docs', 'screenshots');
mkdirSync(folder, { recursive: true });
const app = await serveApp('demo');
try {
  for (const shot of shots) {
    if (wanted.length > 0 && !wanted.includes(shot.name)) continue;
    const opened: Opened = await app.open({
      viewport: shot.phone ? PHONE : WIDE,
      colorScheme: shot.night ? 'dark' : 'light',
      ...(shot.phone ? { hasTouch: true, isMobile: true } : {}),
    });
    await opened.page.clock.install({ time: new Date('2026-11-24T10:00:00Z') });
    await opened.page.goto('/');
    await opened.page.getByRole('heading', { level: 1 }).waitFor();
    await shot.go(opened.page);
    await opened.page.waitForTimeout(500);
    await opened.page.screenshot({ path: join(folder, `${shot.name}.png`), fullPage: shot.whole ?? false });
    await opened.close();
    console.log(join(folder, `${shot.name}.png`));
  }
} finally {
  await app.stop();
}
