import { fileURLToPath } from 'node:url';
import node from '@astrojs/node';
import react from '@astrojs/react';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'astro/config';
import { contentPolicyInPages } from './src/build/contentPolicy.mjs';
import { keepLicences } from './src/build/licences.mjs';
import { keepOffline } from './src/offline/keepOffline.mjs';
import { contentPolicy } from './src/server/front/policy.ts';

// Pages are static because the data live in the browser; only pages/api/ is rendered on demand.
export default defineConfig({
  output: 'static',
  trailingSlash: 'ignore',
  adapter: node({ mode: 'standalone' }),
  // The last one keeps what the ones before it wrote.
  integrations: [react(), contentPolicyInPages(contentPolicy), keepLicences(), keepOffline()],
  devToolbar: { enabled: false },
  telemetry: false,
  vite: {
    plugins: [tailwindcss()],
    build: { target: 'es2022' },
    // Astro knows the alias from tsconfig.json; workers are bundled apart and have to be told.
    resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
    worker: { format: 'es' },
  },
});
