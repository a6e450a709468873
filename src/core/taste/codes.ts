import type { Random } from '../chance/index.ts';

/** `count` different three-digit codes, 100 to 999. Throws RangeError for more than there are. */
export function drawCodes(count: number, random: Random): string[] {
  if (!(count >= 0 && count <= 900)) throw new RangeError(`count must be from 0 to 900 codes, got ${count}`);
  const codes = new Set<string>();
  while (codes.size < count) codes.add(String(100 + Math.floor(random() * 900)));
  return [...codes];
}

/** The same items in a random order. Source: Fisher & Yates, as Durstenfeld, CACM 7 (1964), 420. */
export function shuffled<T>(items: readonly T[], random: Random): T[] {
  const out = [...items];
  for (let i = out.length - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1));
    [out[i], out[j]] = [out[j] as T, out[i] as T];
  }
  return out;
}
