import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { it } from 'node:test';
import ts from 'typescript';

/** How `at` is declared in a file, where it is said to be anything but a number. */
function otherMeanings(text: string): string[] {
  const found: string[] = [];
  const visit = (node: ts.Node): void => {
    if ((ts.isPropertySignature(node) || ts.isParameter(node)) && node.name.getText() === 'at' && node.type)
      if (!/^(number|unknown)\b/.test(node.type.getText())) found.push(node.getText());
    if (ts.isPropertyAssignment(node) && node.name.getText() === 'at' && node.initializer.getText().startsWith('z.'))
      if (!node.initializer.getText().startsWith('z.number')) found.push(node.getText());
    ts.forEachChild(node, visit);
  };
  visit(ts.createSourceFile('file.tsx', text, ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX));
  return found;
}

it('`at` is seconds, of a roast or a sound; a moment of a day is called otherwise', () => {
  assert.deepEqual(
    otherMeanings('const f = (at: Date, n: { at: number; b: { at: string } }) => z.object({ at: z.iso.x() })'),
    ['at: Date', 'at: string', 'at: z.iso.x()'],
  );
  const files = readdirSync('src', { recursive: true, encoding: 'utf8' }).filter((file) => /\.tsx?$/.test(file));
  const all = files.filter((file) => otherMeanings(readFileSync(join('src', file), 'utf8')).length > 0);
  assert.deepEqual(all, []);
});
