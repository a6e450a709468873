import { cpSync, rmSync } from 'node:fs';
import { globSync } from './files.mjs';
import { ensureBuilt, ensureChromium, ensureEngines, ensureInstalled } from './prepare.mjs';
import { bin, run } from './run.mjs';
import { serve } from './serve.mjs';

const nodeTest = (files) => run(process.execPath, ['--import', 'tsx', '--test', ...files]);

/**
 * Browser files one by one. A machine that stalls for seconds can swallow a press, so a file that fails is run once more,
 * and is named at the end: a second try that is needed often is a fault to mend.
 */
async function browserTests(files) {
  const again = [];
  for (const file of files) {
    try {
      await nodeTest([file]);
    } catch {
      console.log(`\n${file} failed. Once more.\n`);
      await nodeTest([file]);
      again.push(file);
    }
  }
  if (again.length > 0) console.log(`\nPassed at the second try only: ${again.join(', ')}`);
}

const tests = (...folders) => folders.flatMap((folder) => globSync(`tests/${folder}`, '.test.ts', '.test.tsx'));

/** Types, lint and the one-way imports: no test is run. */
async function staticChecks() {
  await run(bin('astro'), ['sync']);
  await run(bin('tsc'), ['--project', 'tsconfig.core.json']);
  await run(bin('astro'), ['check', '--minimumFailingSeverity', 'warning']);
  await run(bin('biome'), ['check', '--error-on-warnings', '.']);
  await run(bin('depcruise'), ['src', '--config', '.dependency-cruiser.cjs']);
}

export const commands = {
  demo: {
    says: 'install, build and serve with the demo household',
    run: async () => {
      await ensureInstalled();
      await ensureBuilt();
      return serve('demo');
    },
  },
  start: {
    says: 'the same, with an empty notebook; --house: for the tablets and phones of the house too',
    run: async (flags) => {
      await ensureInstalled();
      await ensureBuilt();
      return serve('ask', { house: flags.includes('--house') });
    },
  },
  build: {
    says: 'build into dist; --static: into site, for any web host, without the server and its probes',
    run: async (flags) => {
      await ensureInstalled();
      await ensureBuilt();
      if (!flags.includes('--static')) return 0;
      rmSync('site', { recursive: true, force: true });
      // Every page is a file already; only the probes' door needs the server.
      cpSync('dist/client', 'site', { recursive: true });
      console.log(
        'The site is in ./site: put its files at the root of a web host. docs/security.md names the headers to add.',
      );
    },
  },
  file: {
    says: 'check FILE: what a saved notebook holds, and whether it would load',
    run: async (rest) => {
      await ensureInstalled();
      // What is wrong is said there; here it is only passed on.
      return run(process.execPath, ['--import', 'tsx', 'scripts/fileCheck.ts', ...rest]).catch(() => 1);
    },
  },
  dev: {
    says: 'serve while the code is being changed',
    run: async () => {
      await ensureInstalled();
      return run(bin('astro'), ['dev', '--port', process.env.PORT ?? '4321']);
    },
  },
  check: {
    says: 'types, lint, imports and unit tests: the fast part',
    run: async () => {
      await ensureInstalled();
      await staticChecks();
      await nodeTest(tests('core', 'store', 'server', 'views'));
    },
  },
  test: {
    says: 'every check and every test, in the browser too',
    run: async () => {
      await ensureInstalled();
      await staticChecks();
      await ensureBuilt();
      await ensureEngines();
      await nodeTest(tests('core', 'store', 'server', 'views'));
      await browserTests(tests('browser', 'engines'));
    },
  },
  bench: {
    says: 'measure speed, size and judgement, or only the named parts of it',
    run: async (parts) => {
      await ensureInstalled();
      await ensureBuilt();
      await ensureChromium();
      await run(process.execPath, ['--import', 'tsx', 'bench/run.ts', ...parts]);
    },
  },
  shots: {
    says: 'take the pictures of docs/screenshots anew',
    run: async (names) => {
      await ensureInstalled();
      await ensureBuilt();
      await ensureChromium();
      await run(process.execPath, ['--import', 'tsx', 'scripts/shots.ts', ...names]);
    },
  },
};
