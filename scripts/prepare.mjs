import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { hashOf } from './files.mjs';
import { bin, run } from './run.mjs';

const read = (path) => (existsSync(path) ? readFileSync(path, 'utf8') : '');

/** Installs the packages of the lockfile, unless they are there. */
export async function ensureInstalled() {
  const stamp = 'node_modules/.gander-lock';
  const wanted = hashOf('package-lock.json');
  if (read(stamp) === wanted) return;
  console.log('Installing packages…');
  await run('npm', ['ci', '--no-audit', '--no-fund']);
  writeFileSync(stamp, wanted);
}

/** Builds the app, unless the last build is of this very code. */
export async function ensureBuilt() {
  const stamp = 'dist/.gander-build';
  const wanted = hashOf(
    'src',
    'public',
    'demo',
    'astro.config.mjs',
    'tsconfig.json',
    'package.json',
    'package-lock.json',
    'LICENSE',
  );
  if (read(stamp) === wanted) return;
  console.log('Building…');
  await run(bin('astro'), ['build', '--silent']);
  mkdirSync('dist', { recursive: true });
  writeFileSync(stamp, wanted);
}

/** Where Debian's package puts the browser; CHROMIUM names another. */
export const chromiumPath = process.env.CHROMIUM ?? '/usr/bin/chromium';

/** Firefox, and WebKit's driver with the screen that it draws on. */
export const firefoxPath = process.env.FIREFOX ?? '/usr/bin/firefox-esr';
const ENGINES = [
  ['chromium', chromiumPath],
  ['firefox-esr', firefoxPath],
  ['webkit2gtk-driver', '/usr/bin/WebKitWebDriver'],
  ['xvfb', '/usr/bin/xvfb-run'],
];

/** Chromium without the browser around its engine: most journeys take it where it is (tests/browser/harness.ts). */
const SHELL = ['chromium-headless-shell', '/usr/bin/chromium-headless-shell'];

/** Installs Chromium through apt-get where it is missing. */
export const ensureChromium = () => ensurePackages(ENGINES.slice(0, 1));

/** The same for all three engines that are tested; the shell, which some systems lack, can be done without. */
export const ensureEngines = () => ensurePackages([...ENGINES, SHELL]).catch(() => ensurePackages(ENGINES));

async function ensurePackages(wanted) {
  const missing = wanted.filter(([, path]) => !existsSync(path)).map(([name]) => name);
  if (missing.length === 0) return;
  console.log(`Installing ${missing.join(', ')}…`);
  const sudo = process.getuid?.() === 0 ? [] : ['sudo'];
  const apt = (...args) => {
    const [command, ...rest] = [...sudo, 'apt-get', ...args];
    return run(command, rest, { env: { DEBIAN_FRONTEND: 'noninteractive' } });
  };
  try {
    await apt('update', '-qq');
    await apt('install', '-y', '-qq', ...missing);
  } catch (cause) {
    throw new Error(
      `The browser tests need Debian's ${missing.join(', ')}, and apt-get could not install them (${cause.message}). Install them by hand; CHROMIUM and FIREFOX may name the browsers' paths.`,
    );
  }
}
