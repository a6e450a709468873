import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after } from 'node:test';
import { type BrowserContextOptions, chromium } from 'playwright-core';
import { CHROMIUM, FLAGS, PERSON } from './harness.ts';

const stillOpen = new Set<() => Promise<void>>();
// A test that fails leaves its browser open, and that would keep the runner waiting for ever.
after(async () => {
  for (const close of stillOpen) await close().catch(() => undefined);
});

/** A fresh Chromium with a folder of its own, for what must outlive it. */
export async function openChromium(options: BrowserContextOptions = {}) {
  const folder = await mkdtemp(join(tmpdir(), 'gander-browser-'));
  const context = await chromium.launchPersistentContext(folder, {
    executablePath: CHROMIUM,
    headless: true,
    args: FLAGS,
    ...PERSON,
    ...options,
  });
  const close = async () => {
    stillOpen.delete(close);
    await context.close();
    await rm(folder, { recursive: true, force: true });
  };
  stillOpen.add(close);
  return { context, close };
}
