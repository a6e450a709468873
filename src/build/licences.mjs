import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const TEXT = /^(licen[cs]e|copying|notice|copyright)/i;

/** After the build: the licences of every package that Gander is made with, and its own, in one text that ships with it. */
export function keepLicences() {
  return {
    name: 'keep-licences',
    hooks: {
      'astro:build:done': ({ dir }) => writeFileSync(join(fileURLToPath(dir), 'licences.txt'), licences('.')),
    },
  };
}

/** Gander's own licence first, then every package that is installed for more than making and testing it, by name. */
function licences(root) {
  const { packages } = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8'));
  const parts = Object.entries(packages)
    .filter(
      ([path, { dev }]) => path.startsWith('node_modules/') && !dev && existsSync(join(root, path, 'package.json')),
    )
    .map(([path]) => {
      const { name, version, license } = JSON.parse(readFileSync(join(root, path, 'package.json'), 'utf8'));
      const texts = readdirSync(join(root, path))
        .filter((file) => TEXT.test(file))
        .map((file) => readFileSync(join(root, path, file), 'utf8').trim());
      const kind = typeof license === 'string' ? license : (license?.type ?? 'see its text');
      return { name, text: [`${name} ${version} (${kind})`, ...texts].join('\n\n') };
    })
    .sort((a, b) => a.name.localeCompare(b.name, 'en'));
  const line = `\n\n${'-'.repeat(80)}\n\n`;
  return [`Gander\n\n${readFileSync(join(root, 'LICENSE'), 'utf8').trim()}`, ...parts.map(({ text }) => text)].join(
    line,
  );
}
