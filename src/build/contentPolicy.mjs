import { createHash } from 'node:crypto';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { globSync } from '../../scripts/files.mjs';

/** A script that stands in the page itself. */
const INLINE = /<script(?![^>]*\bsrc=)[^>]*>([\s\S]*?)<\/script>/g;

/**
 * After the build: every page says itself what may run in it, so that a plain web host guards it too; the hashes of the
 * scripts that stand in pages are left for the server's headers.
 */
export function contentPolicyInPages(policyOf) {
  return {
    name: 'content-policy-in-pages',
    hooks: {
      'astro:build:done': ({ dir }) => {
        const folder = fileURLToPath(dir);
        const all = new Set();
        for (const path of globSync(folder, '.html')) {
          const page = readFileSync(path, 'utf8');
          const hashes = [...new Set([...page.matchAll(INLINE)].map(([, script]) => hashOf(script)))];
          for (const hash of hashes) all.add(hash);
          const meta = `<meta http-equiv="content-security-policy" content="${policyOf(hashes)}">`;
          writeFileSync(
            path,
            page.replace('<meta charset="utf-8">', (charset) => `${charset}${meta}`),
          );
        }
        writeFileSync(join(folder, '../server/script-hashes.json'), JSON.stringify([...all]));
      },
    },
  };
}

const hashOf = (script) => `sha256-${createHash('sha256').update(script).digest('base64')}`;
