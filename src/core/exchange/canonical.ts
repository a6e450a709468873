/** JSON with its keys in order and absent values left out, so that equal rows give equal text. */
export function canonical(value: unknown): string {
  return JSON.stringify(value, (_, each: unknown) =>
    typeof each === 'object' && each !== null && !Array.isArray(each)
      ? Object.fromEntries(
          Object.entries(each)
            .filter(([, v]) => v !== undefined)
            .sort(([a], [b]) => (a < b ? -1 : 1)),
        )
      : each,
  );
}
