/**
 * A number that stands for what a value holds: equal values give equal ones whatever the order of their keys, and an
 * absent field counts as none. 53 bits, by two rounds of multiplying and mixing (FNV-1a with two bases and primes); it
 * tells whether a row was changed, and guards nothing.
 */
export function digest(value: unknown): number {
  const state = { a: 0x811c9dc5, b: 0x9e3779b1 };
  feed(state, value);
  return (state.b & 0x1fffff) * 0x100000000 + (state.a >>> 0);
}

interface State {
  a: number;
  b: number;
}

function feed(state: State, value: unknown): void {
  if (typeof value === 'string') text(state, TEXT, value);
  else if (Array.isArray(value)) {
    mix(state, LIST);
    for (const each of value) feed(state, each);
    mix(state, END);
  } else if (typeof value === 'object' && value !== null) {
    const row = value as Record<string, unknown>;
    mix(state, ROW);
    for (const key of Object.keys(row).sort())
      if (row[key] !== undefined) {
        text(state, KEY, key);
        feed(state, row[key]);
      }
    mix(state, END);
  } else text(state, OTHER, String(value));
}

/** What comes next, so that 1 and '1', or a list and a row, differ. Above every letter. */
const [TEXT, KEY, LIST, ROW, END, OTHER] = [0x10001, 0x10002, 0x10003, 0x10004, 0x10005, 0x10006] as const;

function text(state: State, kind: number, letters: string): void {
  mix(state, kind);
  for (let i = 0; i < letters.length; i++) mix(state, letters.charCodeAt(i));
}

function mix(state: State, code: number): void {
  state.a = Math.imul(state.a ^ code, 0x01000193);
  state.b = (Math.imul(state.b ^ code, 0x85ebca6b) + (state.a >>> 13)) | 0;
}
