/**
 * What can be wrong with something a person typed or a file brought in. An issue is data; its sentence is written in
 * `issueSentence` alone. `path` names the field (`['lots', 3, 'name']`), empty for a single value.
 */
export type Issue = { readonly path: readonly (string | number)[] } & (
  | { readonly code: 'empty'; readonly expected: string }
  | { readonly code: 'notANumber'; readonly text: string; readonly example: string }
  | { readonly code: 'noSpan'; readonly text: string }
  | { readonly code: 'unknownUnit'; readonly unit: string; readonly known: readonly string[] }
  | { readonly code: 'outOfRange'; readonly value: string; readonly least: string; readonly most: string }
  | { readonly code: 'notAClock'; readonly text: string }
  | { readonly code: 'notADay'; readonly text: string }
  | { readonly code: 'unknownName'; readonly text: string; readonly what: string; readonly known: readonly string[] }
  | { readonly code: 'outOfOrder'; readonly what: string; readonly before: string }
  | { readonly code: 'notJson'; readonly detail: string }
  | { readonly code: 'notOurs'; readonly found: string }
  | { readonly code: 'newer'; readonly version: number; readonly known: number }
  | { readonly code: 'shape'; readonly detail: string }
  | { readonly code: 'dangling'; readonly id: string; readonly wanted: string }
);

/** Either a value or the reasons why there is none. */
export type Result<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly issues: Issue[] };

/** Wraps a value that was understood. */
export function success<T>(value: T): Result<T> {
  return { ok: true, value };
}

/** Wraps the reasons why something was not understood. */
export function failure<T>(...issues: Issue[]): Result<T> {
  return { ok: false, issues };
}

/** Ends a `switch` over a union; the message prints the value that no case took. */
export function assertNever(value: never): never {
  throw new RangeError(`No case for ${JSON.stringify(value)}`);
}
