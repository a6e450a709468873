// Makes package-lock.json the same wherever it is written: without download addresses, and with the packages for other
// platforms that a registry mirror may not serve. npm ci refuses a lockfile that lacks them, though it would not install them.
// Run after every change of dependencies: npm install, then npm run lock.
import { readFileSync, writeFileSync } from 'node:fs';

const SYSTEMS = ['aix', 'android', 'darwin', 'freebsd', 'linux', 'netbsd', 'openbsd', 'openharmony', 'sunos', 'win32'];
const PROCESSORS = ['arm64', 'arm', 'ia32', 'loong64', 'mips64el', 'ppc64', 'riscv64', 's390x', 'wasm32', 'x64'];
const OTHER_NAMES = { linuxmusl: 'linux', armv7: 'arm', ppc64le: 'ppc64', loongarch64: 'loong64' };

const lock = JSON.parse(readFileSync('package-lock.json', 'utf8'));
const { packages } = lock;
let added = 0;
for (const [path, entry] of Object.entries(packages)) {
  delete entry.resolved;
  for (const [name, version] of Object.entries(entry.optionalDependencies ?? {})) {
    if (isFound(path, name)) continue;
    const platform = platformOf(name);
    if (!platform) throw new Error(`${path} wants ${name}, which is missing and names no platform.`);
    packages[`${path}/node_modules/${name}`] = {
      version: version.replace(/^[~^]/, ''),
      ...platform,
      ...(entry.dev ? { dev: true } : {}),
      optional: true,
    };
    added++;
  }
}
lock.packages = Object.fromEntries(Object.entries(packages).sort(([a], [b]) => (a < b ? -1 : 1)));
writeFileSync('package-lock.json', `${JSON.stringify(lock, null, 2)}\n`);
console.log(`package-lock.json: ${added} packages of other platforms added, no addresses.`);

/** Whether Node would find `name` from the package at `path`. */
function isFound(path, name) {
  for (let from = path; ; from = from.slice(0, Math.max(0, from.lastIndexOf('/node_modules/')))) {
    if (packages[`${from === '' ? '' : `${from}/`}node_modules/${name}`]) return true;
    if (from === '' || !from.includes('/node_modules/')) return Boolean(packages[`node_modules/${name}`]);
  }
}

function platformOf(name) {
  const words = name.split(/[/-]/).map((word) => OTHER_NAMES[word] ?? word);
  const os = words.find((word) => SYSTEMS.includes(word));
  const cpu = words.find((word) => PROCESSORS.includes(word));
  return os || cpu ? { ...(cpu ? { cpu: [cpu] } : {}), ...(os ? { os: [os] } : {}) } : undefined;
}
