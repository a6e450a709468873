import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';

/** Every file below `folder` whose name ends in one of `endings`, in order; none when there is no such folder. */
export function globSync(folder, ...endings) {
  if (!existsSync(folder)) return [];
  return readdirSync(folder, { recursive: true })
    .map((name) => join(folder, String(name)))
    .filter((path) => endings.some((ending) => path.endsWith(ending)) && statSync(path).isFile())
    .sort();
}

/** One hash over the contents of files and folders, to see whether anything changed. */
export function hashOf(...paths) {
  const hash = createHash('sha256');
  for (const path of paths) {
    if (!existsSync(path)) continue;
    for (const file of statSync(path).isDirectory() ? globSync(path, '') : [path])
      hash.update(file).update(readFileSync(file));
  }
  return hash.digest('hex');
}
