import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { it } from 'node:test';
import ts from 'typescript';

/**
 * Sums that a view makes of times, weights and money by itself are where two pages come to differ: the core answers, a page asks.
 * These may, for what is drawn or kept going by them alone.
 */
const MAY = {
  // How far along a drawing something lies, and what a clock shows at this moment.
  drawn: [
    'ahead/StockChart.tsx',
    'compare/ComparedTemperatures.tsx',
    'files/FromLog.tsx',
    'files/TheirRoast.tsx',
    'larder/LotRow.tsx',
    'live/Beans.tsx',
    'live/LiveRibbon.tsx',
    'plan/Expected.tsx',
    'roastday/DayStrip.tsx',
    'roastpage/RoastPage.tsx',
    'today/GrowingRibbon.tsx',
  ],
  clock: [
    'journal/useFindings.ts',
    'live/SimulatedRoast.tsx',
    'live/hearProbe.ts',
    'live/playCrack.ts',
    'live/recipePace.ts',
    'live/useCues.ts',
    'live/useProbe.ts',
    'live/useReadingDue.ts',
    'live/useRoastClock.ts',
    'live/zones/ClockFace.tsx',
    'roastpage/sound/usePlayer.ts',
  ],
  // One step of a choice that is offered, or a difference of two figures that stand beside it.
  beside: [
    'ahead/AheadSentence.tsx',
    'ahead/RoastDaysAhead.tsx',
    'files/UseAndMoney.tsx',
    'larder/WeighForm.tsx',
    'money/MoneyView.tsx',
    'plan/OnTheClock.tsx',
    'plan/OnTheScale.tsx',
    'plan/Weather.tsx',
    'plan/WhatIf.tsx',
    'roastpage/Interview.tsx',
  ],
};
const UNIT = /(?:[a-z]|^)(S|Ms|Grams|Min|Minor|Kg|Days|Hours)$/;
const SUMS = new Set([
  ts.SyntaxKind.PlusToken,
  ts.SyntaxKind.MinusToken,
  ts.SyntaxKind.AsteriskToken,
  ts.SyntaxKind.SlashToken,
]);

function nameOf(node: ts.Expression): string {
  if (ts.isIdentifier(node)) return node.text;
  if (ts.isPropertyAccessExpression(node)) return node.name.text;
  return ts.isParenthesizedExpression(node) || ts.isAsExpression(node) ? nameOf(node.expression) : '';
}

/** The sums of a file in which something with a unit takes part, as they are written. */
function sumsOf(text: string): string[] {
  const found: string[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isBinaryExpression(node) && SUMS.has(node.operatorToken.kind))
      if (UNIT.test(nameOf(node.left)) || UNIT.test(nameOf(node.right))) found.push(node.getText());
    ts.forEachChild(node, visit);
  };
  visit(ts.createSourceFile('view.tsx', text, ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX));
  return found;
}

it('a view makes no sums of times, weights and money, but for what it draws', () => {
  assert.deepEqual(sumsOf('const left = boughtGrams - used; const s = a.nowS + 3; const n = i + 1;'), [
    'boughtGrams - used',
    'a.nowS + 3',
  ]);
  const may = new Set(Object.values(MAY).flat());
  const files = readdirSync('src/views', { recursive: true, encoding: 'utf8' }).filter((file) => /\.tsx?$/.test(file));
  const all = files.flatMap((file) =>
    sumsOf(readFileSync(join('src/views', file), 'utf8')).map((sum) => ({ file, sum })),
  );
  assert.deepEqual(
    all.filter(({ file }) => !may.has(file)),
    [],
  );
  const without = [...may].filter((file) => !all.some((each) => each.file === file));
  assert.deepEqual(without, [], 'these need no leave any more');
});
