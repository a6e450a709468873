import { canonical } from '../exchange/index.ts';

type Row = Readonly<Record<string, unknown>>;

/** What taking the change of one row back comes to. */
export interface TakenBack {
  /** The row as it is to be; absent when it is to go. */
  readonly row: Row | undefined;
  /** Fields that were changed since and stay as they are; `id` stands for the row as a whole. */
  readonly kept: readonly string[];
}

const same = (a: unknown, b: unknown) => canonical(a ?? null) === canonical(b ?? null);

/**
 * Takes one change of a row back, and nothing else. `before` and `after` are the row around that change (absent: there was
 * none), `now` is the row as it stands. A field that somebody changed again stays, and so does a row that was made or
 * deleted anew; in a list of things with ids each thing is a field of its own.
 */
export function takeBack(before: Row | undefined, after: Row | undefined, now: Row | undefined): TakenBack {
  if (same(now, after)) return { row: before, kept: [] };
  if (!before || !after || !now) return { row: now, kept: same(now, before) ? [] : ['id'] };
  const row: Record<string, unknown> = { ...now };
  const kept: string[] = [];
  for (const field of new Set([...Object.keys(before), ...Object.keys(after)])) {
    const [was, became, is] = [before[field], after[field], now[field]];
    if (same(was, became)) continue;
    if (same(is, became)) set(row, field, was);
    else if (isList(was) && isList(became) && isList(is)) {
      const list = listTakenBack(was, became, is);
      set(row, field, list.items);
      if (list.kept) kept.push(field);
    } else if (!same(is, was)) kept.push(field);
  }
  return { row, kept };
}

/** An absent field is left out, since an `undefined` one is another thing to a file. */
function set(row: Record<string, unknown>, field: string, value: unknown): void {
  if (value === undefined) delete row[field];
  else row[field] = value;
}

type Thing = Row & { readonly id: string };

const isList = (value: unknown): value is readonly Thing[] =>
  Array.isArray(value) && value.every((each) => typeof each === 'object' && each !== null && 'id' in each);

/** The same for a list: what the change added goes, what it took out comes back in its place, what it changed is as before. */
function listTakenBack(was: readonly Thing[], became: readonly Thing[], is: readonly Thing[]) {
  const [old, made] = [byId(was), byId(became)];
  let kept = false;
  const items = is.flatMap((thing) => {
    const [before, after] = [old.get(thing.id), made.get(thing.id)];
    if (same(before, after)) return [thing];
    if (same(thing, after)) return before ? [before] : [];
    kept ||= !same(thing, before);
    return [thing];
  });
  for (const [at, thing] of was.entries()) {
    if (made.has(thing.id) || items.some(({ id }) => id === thing.id)) continue;
    const follows = was.slice(0, at).findLast(({ id }) => items.some((item) => item.id === id));
    items.splice(follows ? items.findIndex(({ id }) => id === follows.id) + 1 : 0, 0, thing);
  }
  return { items, kept };
}

const byId = (list: readonly Thing[]) => new Map(list.map((thing) => [thing.id, thing]));
