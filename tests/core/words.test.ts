import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { it } from 'node:test';
import ts from 'typescript';

it('every export of the core says what it is', () => {
  const files = readdirSync('src/core', { recursive: true, encoding: 'utf8' });
  const silent = files
    .filter((file) => file.endsWith('.ts') && !file.endsWith('index.ts'))
    .flatMap((file) => {
      const source = ts.createSourceFile(
        file,
        readFileSync(join('src/core', file), 'utf8'),
        ts.ScriptTarget.Latest,
        true,
      );
      return source.statements
        .filter(
          (each) =>
            ts.canHaveModifiers(each) &&
            ts.getModifiers(each)?.some(({ kind }) => kind === ts.SyntaxKind.ExportKeyword) &&
            ts.getJSDocCommentsAndTags(each).length === 0,
        )
        .map((each) => `${file}: ${each.getText().split('\n')[0]}`);
    });
  assert.deepEqual(silent, []);
});

it('no sentence writes grams or °C by itself: the household may have other units', () => {
  const folders = ['src/core', 'src/ui', 'src/views'];
  const files = folders.flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: 'utf8' }).map((file) => join(folder, file)),
  );
  const bare = files
    .filter((file) => /\.tsx?$/.test(file) && !file.startsWith('src/core/units/'))
    .flatMap((file) =>
      readFileSync(file, 'utf8')
        .split('\n')
        .filter((line) => /\} ?(g|kg|°C)(?![\w/])/.test(line) && !/RangeError|a litre/.test(line))
        .map(() => file.slice('src/'.length)),
    );
  // What a thermometer's program is told, and what no form lets through.
  assert.deepEqual([...new Set(bare)].sort(), ['core/heat/readingChecks.ts', 'core/roast/draftFault.ts']);
});
