import { dequal } from 'dequal/lite';
import {
  type DBCore,
  type DBCoreCursor,
  type DBCoreKeyRange,
  type DBCoreTable,
  type DBCoreTransaction,
  Dexie,
  type Middleware,
} from 'dexie';
import { isUnderWay, type Roast } from '@/core/roast';
import { apart, joined, type ReadingsRow, readingsToWrite, type SlimRoast } from './apartRow.ts';

const TABLES = ['readings', 'learned'];
/** As Dexie numbers its kinds of ranges. */
const [RANGE, ANY] = [2, 3] as const;

/**
 * While a roast is under way its streamed readings lie in a table of their own, so that a reading a second writes a reading a
 * second and not the whole roast. Whoever reads or writes a roast sees it whole. A roast keeps its readings apart once it
 * began so, until `settleReadings` makes it one row again; one that comes in whole stays whole.
 */
export const readingsApart: Middleware<DBCore> = {
  stack: 'dbcore',
  name: 'readingsApart',
  // Outermost: beneath it every table is as it lies on the disk.
  level: 20,
  create: (core) => {
    const has = core.schema.tables.some(({ name }) => name === 'readings');
    if (!has) return core;
    return {
      ...core,
      transaction: (stores, mode, options) =>
        core.transaction(stores.includes('roasts') ? [...new Set([...stores, ...TABLES])] : stores, mode, options),
      table: (name) => (name === 'roasts' ? wholeRoasts(core) : core.table(name)),
    };
  },
};

// Chains of Dexie's own promises and no `await`: between the steps Dexie has to know in which transaction it is.
function wholeRoasts(core: DBCore): DBCoreTable {
  const roasts = core.table('roasts');
  const readings = core.table('readings');
  const learned = core.table('learned');
  const { primaryKey } = readings.schema;

  /** The rows of all roasts from one to another. */
  const between = (first: unknown, last: unknown): DBCoreKeyRange => ({
    type: RANGE as number,
    lower: [first, core.MIN_KEY],
    upper: [last, core.MAX_KEY],
  });
  /** Every row of readings of one roast, in order. */
  const rowsOf = (trans: DBCoreTransaction, roastId: string): Promise<ReadingsRow[]> =>
    readings
      .query({ trans, values: true, query: { index: primaryKey, range: between(roastId, roastId) } })
      .then(({ result }) => result);
  const whole = (trans: DBCoreTransaction, row: SlimRoast): Promise<Roast> =>
    rowsOf(trans, row.id).then((rows) => joined(row, rows));
  const allWhole = (trans: DBCoreTransaction, rows: readonly (SlimRoast | undefined)[]) =>
    rows.some((row) => row?.before)
      ? Dexie.Promise.all(rows.map((row) => (row?.before ? whole(trans, row) : row)))
      : Dexie.Promise.resolve([...rows]);

  const write = (
    trans: DBCoreTransaction,
    type: 'add' | 'put',
    now: SlimRoast | undefined,
    roast: Roast,
  ): Promise<unknown> => {
    const split = now?.before !== undefined || isUnderWay(roast);
    if (!split || (now && type === 'add')) return roasts.mutate({ type, trans, values: [roast] });
    const next = apart(roast);
    return rowsOf(trans, roast.id).then((stored) => {
      const { put, gone } = readingsToWrite(roast.id, stored, next.readings);
      const keys = gone.map((from) => [roast.id, from]);
      return Dexie.Promise.all([
        ...(keys.length > 0 ? [readings.mutate({ type: 'delete', trans, keys })] : []),
        ...(put.length > 0 ? [readings.mutate({ type: 'put', trans, values: [...put] })] : []),
        dequal(now, next.slim)
          ? learned.mutate({ type: 'delete', trans, keys: [roast.id] })
          : roasts.mutate({ type, trans, values: [next.slim] }),
      ]);
    });
  };

  return {
    ...roasts,
    get: (request) => roasts.get(request).then((row) => (row?.before ? whole(request.trans, row) : row)),
    getMany: (request) => roasts.getMany(request).then((rows) => allWhole(request.trans, rows)),
    query: (request) =>
      roasts
        .query(request)
        .then((answer) =>
          request.values === false
            ? answer
            : allWhole(request.trans, answer.result).then((result) => ({ ...answer, result })),
        ),
    openCursor: (request) =>
      roasts
        .openCursor(request)
        .then((cursor) =>
          cursor && request.values ? wholeCursor(cursor, (row) => whole(request.trans, row)) : cursor,
        ),
    mutate: (request) => {
      const { trans } = request;
      if (request.type === 'deleteRange') {
        const { range } = request;
        return readings
          .mutate({ type: 'deleteRange', trans, range: range.type === ANY ? range : between(range.lower, range.upper) })
          .then(() => roasts.mutate(request));
      }
      if (request.type === 'delete')
        return Dexie.Promise.all(
          request.keys.map((key) => readings.mutate({ type: 'deleteRange', trans, range: between(key, key) })),
        ).then(() => roasts.mutate(request));
      const values = request.values as readonly Roast[];
      // Roasts that come in finished are whole, as files bring them by the thousand.
      if (request.type === 'add' && !values.some(isUnderWay)) return roasts.mutate(request);
      const keys = values.map(({ id }) => id);
      return roasts.getMany({ trans, keys }).then((rows: readonly (SlimRoast | undefined)[]) => {
        if (!rows.some((row) => row?.before) && !values.some(isUnderWay)) return roasts.mutate(request);
        return Dexie.Promise.all(values.map((roast, i) => write(trans, request.type, rows[i], roast))).then(() => ({
          numFailures: 0,
          failures: {},
          results: keys,
          lastResult: keys.at(-1),
        }));
      });
    },
  };
}

/** Dexie's own notion of what it is doing, and the way back into it; not among its types. */
const zones = Dexie.Promise as unknown as { readonly PSD: unknown; usePSD<T>(zone: unknown, work: () => T): T };
const { usePSD: inZone } = zones;

/** Goes from roast to roast, each whole before it is told of. */
function wholeCursor(cursor: DBCoreCursor, whole: (row: SlimRoast) => Promise<Roast>): DBCoreCursor {
  let current: unknown;
  // The browser calls from outside; what is read then belongs to the transaction that asked.
  const zone = zones.PSD;
  const tell = (onNext: () => void) => () => {
    const row = cursor.value as SlimRoast;
    current = row;
    if (!row.before) return onNext();
    void inZone(zone, () =>
      whole(row)
        .then((roast) => {
          current = roast;
          onNext();
        })
        // What goes on may fail too, and whoever waits for the end hears of it.
        .catch((error) => cursor.fail(error)),
    );
  };
  return Object.create(cursor, {
    key: { get: () => cursor.key },
    primaryKey: { get: () => cursor.primaryKey },
    value: { get: () => current },
    start: { value: (onNext: () => void) => cursor.start(tell(onNext)) },
  }) as DBCoreCursor;
}
