import { type ChildProcess, spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { createServer } from 'node:net';
import { type Browser, type BrowserContext, type BrowserContextOptions, chromium, type Page } from 'playwright-core';

export const CHROMIUM = process.env.CHROMIUM ?? '/usr/bin/chromium';
const SHELL = '/usr/bin/chromium-headless-shell';
/**
 * The same engine without the browser around it opens a page for half the work. Journeys take it where it is; the whole browser
 * hears a microphone, sees through a camera, keeps a profile and is killed.
 */
const journeysPath = process.env.CHROMIUM === undefined && existsSync(SHELL) ? SHELL : CHROMIUM;
export const FLAGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

export const WIDE = { width: 1280, height: 800 };
export const PHONE = { width: 390, height: 844 };

/** A served app and a way to open it as a new person would: nothing stored yet. */
export interface Served {
  readonly address: string;
  /** A person of their own, with nothing stored, in the one browser of this file. Requests outside the origin, and what the pages' own policy bars, fail the test at `close`. */
  open(options?: BrowserContextOptions): Promise<Opened>;
  stop(): Promise<void>;
}

export interface Opened {
  readonly context: BrowserContext;
  readonly page: Page;
  close(): Promise<void>;
}

/** Who opens the app, unless a test says otherwise; most journeys need no page kept on the device, which takes longer than they do. */
export const PERSON = { viewport: WIDE, locale: 'en-IE', timezoneId: 'UTC', serviceWorkers: 'block' } as const;
/** Somebody whose device keeps the pages. */
export const KEEPS_PAGES = { serviceWorkers: 'allow' } as const;

/** Serves the built app on a free port with an empty notebook or the demo household. */
export async function serveApp(household: 'demo' | 'ask'): Promise<Served> {
  const port = await freePort();
  const address = `http://localhost:${port}`;
  const server = spawn(process.execPath, ['--import', 'tsx', 'src/server/front/main.ts'], {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, PORT: String(port), HOST: 'localhost', GANDER_HOUSEHOLD: household, NODE_ENV: 'production' },
  });
  await answered(`${address}/api/welcome`, server);
  let browser: Promise<Browser> | undefined;
  return {
    address,
    async open(options = {}) {
      browser ??= chromium.launch({ executablePath: journeysPath, args: FLAGS });
      const context = await (await browser).newContext({ baseURL: address, ...PERSON, ...options });
      const strangers: string[] = [];
      context.on('request', (request) => {
        const { protocol, origin } = new URL(request.url());
        if (protocol.startsWith('http') && origin !== address) strangers.push(request.url());
      });
      const barred: string[] = [];
      context.on('console', (message) => {
        if (message.text().includes('Content Security Policy')) barred.push(message.text());
      });
      const close = async () => {
        await context.close();
        if (barred.length > 0) throw new Error(`The pages' own policy barred something: ${barred.join(', ')}`);
        if (strangers.length > 0) throw new Error(`Requests left the origin: ${strangers.join(', ')}`);
      };
      const page = await context.newPage();
      page.setDefaultTimeout(30_000);
      return { context, page, close };
    },
    async stop() {
      // A failed test leaves its browser open, which would keep the runner waiting.
      await (await browser)?.close();
      server.kill();
      await new Promise((resolve) => (server.exitCode === null ? server.once('exit', resolve) : resolve(0)));
    },
  };
}

export function freePort(): Promise<number> {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', reject);
    probe.listen(0, 'localhost', () => {
      const address = probe.address();
      probe.close(() =>
        typeof address === 'object' && address ? resolve(address.port) : reject(new Error('no port')),
      );
    });
  });
}

async function answered(address: string, server: ChildProcess): Promise<void> {
  for (let tries = 0; tries < 150; tries++) {
    if (server.exitCode !== null) throw new Error(`the server ended with ${server.exitCode}; is the app built?`);
    try {
      if ((await fetch(address)).ok) return;
    } catch {
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
  }
  throw new Error(`no answer from ${address}`);
}
