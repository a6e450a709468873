import assert from 'node:assert/strict';
import { readFileSync, writeFileSync } from 'node:fs';

/**
 * Holds what is reckoned against what stood in `pins/NAME.json` when somebody last looked it over, so that no figure changes
 * unseen. Where a change is meant, GANDER_PINS=1 writes it anew: its diff is what the change does, and is read before it lands.
 * Figures count to five digits.
 */
export function assertPinned(name: string, value: object): void {
  const path = new URL(`pins/${name}.json`, import.meta.url);
  const text = `${JSON.stringify(value, rounded, 1)}\n`;
  assert.doesNotMatch(text, /\b(NaN|Infinity)\b/, `${name} holds what is no number`);
  if (process.env.GANDER_PINS) writeFileSync(path, text);
  const now = JSON.parse(text);
  const then = JSON.parse(readFileSync(path, 'utf8'));
  for (const key of Object.keys({ ...then, ...now })) assert.deepEqual(now[key], then[key], `${name}: ${key}`);
}

function rounded(key: string, value: unknown): unknown {
  if (typeof value !== 'number') return value;
  // JSON would write null for it.
  assert.ok(Number.isFinite(value), `${key} is ${value}`);
  return Number(value.toPrecision(5));
}
