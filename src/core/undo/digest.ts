/**
 * A number that stands for what a value holds: equal values give equal ones whatever the order of their keys, and an
 * absent field counts as none. 53 bits, by two rounds of multiplying and mixing (FNV-1a with two bases and primes); it
 * tells whether a row was changed, and guards nothing.
 */
export function digest(value: unknown): number {
  a = 0x811c9dc5;
  b = 0x9e3779b1;
  feed(value);
  return (b & 0x1fffff) * 0x100000000 + (a >>> 0);
}

/** As far as it got. Bare numbers: a file of thousands of roasts has thirty million letters. */
let a = 0;
let b = 0;

function feed(value: unknown): void {
  if (typeof value === 'string') text(TEXT, value);
  else if (Array.isArray(value)) {
    mix(LIST);
    for (const each of value) feed(each);
    mix(END);
  } else if (typeof value === 'object' && value !== null) {
    const row = value as Record<string, unknown>;
    mix(ROW);
    for (const key of inOrder(Object.keys(row))) {
      const each = row[key];
      if (each === undefined) continue;
      text(KEY, key);
      feed(each);
    }
    mix(END);
  } else text(OTHER, String(value));
}

/** What comes next, so that 1 and '1', or a list and a row, differ. Above every letter. */
const [TEXT, KEY, LIST, ROW, END, OTHER] = [0x10001, 0x10002, 0x10003, 0x10004, 0x10005, 0x10006] as const;

/** Keys as they came last, and in their order: the lines of a log are alike, and many. */
let came: readonly string[] = [];
let order: readonly string[] = [];

function inOrder(keys: readonly string[]): readonly string[] {
  if (keys.length !== came.length || keys.some((key, i) => key !== came[i])) {
    came = keys;
    order = [...keys].sort();
  }
  return order;
}

function text(kind: number, letters: string): void {
  mix(kind);
  let x = a;
  let y = b;
  for (let i = 0; i < letters.length; i++) {
    const letter = letters.charCodeAt(i);
    x = Math.imul(x ^ letter, 0x01000193);
    y = (Math.imul(y ^ letter, 0x85ebca6b) + (x >>> 13)) | 0;
  }
  a = x;
  b = y;
}

function mix(code: number): void {
  a = Math.imul(a ^ code, 0x01000193);
  b = (Math.imul(b ^ code, 0x85ebca6b) + (a >>> 13)) | 0;
}
