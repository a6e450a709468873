/** An object without the fields that hold nothing. */
export function defined<T extends object>(row: T): { [K in keyof T]?: Exclude<T[K], undefined> } {
  return Object.fromEntries(Object.entries(row).filter(([, value]) => value !== undefined)) as never;
}
