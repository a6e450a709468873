// ./gander file check FILE: what a notebook file holds and what is odd about it; 1 where it would not load whole.
import { readFileSync } from 'node:fs';
import { contentTables, parseNotebook, salvageNotebook, unknownFields } from '../src/core/exchange/index.ts';
import { issueSentence } from '../src/core/issues/index.ts';
import { counted } from '../src/core/units/index.ts';

const [deed, path] = process.argv.slice(2);
if (deed !== 'check' || path === undefined) {
  console.error('Say: ./gander file check FILE');
  process.exit(2);
}
let text: string;
try {
  text = readFileSync(path, 'utf8');
} catch (error) {
  console.error(`${path} cannot be read: ${(error as Error).message}`);
  process.exit(2);
}
const salvaged = salvageNotebook(text);
if (!salvaged.ok) {
  for (const issue of salvaged.issues) console.error(issueSentence(issue));
  process.exit(1);
}
const { notebook, leftOut, cutOff } = salvaged.value;
const written = /"version":\s*(\d+)/.exec(text)?.[1] ?? 'unknown';
console.log(`${path}: version ${written}, saved ${notebook.savedAt}`);
for (const table of contentTables) console.log(`  ${String(notebook[table].length).padStart(6)} ${table}`);
console.log(notebook.household ? '  with the settings' : '  without settings');
if (cutOff) console.log('The file breaks off; what stands before the break would load.');
for (const { table, called, why } of leftOut) console.log(`Left out of ${table}, ${called}: ${issueSentence(why)}`);
for (const { table, field, count } of unknownFields(notebook))
  console.log(`Not known here, and kept: ${field} in ${counted(count, 'row')} of ${table}`);
const whole = parseNotebook(text).ok;
console.log(whole ? 'It loads whole.' : 'It does not load whole.');
process.exitCode = whole ? 0 : 1;
