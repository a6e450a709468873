/** A number of things, in figures and in words that agree with it: `1 roast`, `4 roasts`, `2 batches`. */
export function counted(count: number, one: string, many = `${one}s`): string {
  return `${count} ${count === 1 ? one : many}`;
}
