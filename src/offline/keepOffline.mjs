import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join, relative, sep } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build } from 'vite';

/** Names that carry a hash of what is in the file. */
const HASHED = /^_astro\//;

/** The worker itself, and a megabyte of licences that nobody reads at the stove. */
const NOT_KEPT = ['offline.js', 'licences.txt'];

/** What `./gander dev` answers instead: a browser that kept a build from the same address lets go of it. */
const LETS_GO = `
self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', async () => {
  await self.registration.unregister();
  for (const window of await self.clients.matchAll({ type: 'window' })) window.navigate(window.url);
});`;

/** After the build: writes `offline.js`, the worker that keeps the files of this very build on the device. */
export function keepOffline() {
  return {
    name: 'keep-offline',
    hooks: {
      'astro:server:setup': ({ server }) => {
        server.middlewares.use('/offline.js', (_request, response) => {
          response.setHeader('content-type', 'text/javascript');
          response.end(LETS_GO);
        });
      },
      'astro:build:done': async ({ dir }) => {
        const outDir = fileURLToPath(dir);
        await build({
          configFile: false,
          logLevel: 'warn',
          publicDir: false,
          define: {
            BUILT_FILES: JSON.stringify(filesOf(outDir)),
            'process.env.NODE_ENV': '"production"',
          },
          build: {
            outDir,
            emptyOutDir: false,
            target: 'es2022',
            lib: {
              entry: fileURLToPath(new URL('./worker.ts', import.meta.url)),
              name: 'offline',
              formats: ['iife'],
              fileName: () => 'offline.js',
            },
          },
        });
      },
    },
  };
}

/** Every file under a folder, as an address with a revision where its name does not tell one content from the next. */
export function filesOf(folder) {
  return readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && !NOT_KEPT.includes(entry.name))
    .map((entry) => relative(folder, join(entry.parentPath ?? entry.path, entry.name)))
    .sort()
    .map((path) => {
      const address = path.split(sep).join('/');
      const revision = HASHED.test(address) ? null : hashOf(readFileSync(join(folder, path)));
      return { url: `/${address}`, revision };
    });
}

const hashOf = (content) => createHash('sha256').update(content).digest('hex').slice(0, 16);
