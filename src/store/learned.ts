import type { DBCore, DBCoreTable, Middleware } from 'dexie';
import type { RoastTold } from '@/core/forecast';

/** What a roast told the forecast, kept apart from its log: a log with a reading a second takes long to read. */
export interface Learned {
  /** The roast's. */
  readonly id: string;
  readonly told: RoastTold;
}

/** Whatever changes a roast, by whichever way, takes away what was learned of it, in the same transaction. */
export const forgetChanged: Middleware<DBCore> = {
  stack: 'dbcore',
  name: 'forgetChanged',
  create: (core) => ({
    ...core,
    transaction: (stores, mode, options) =>
      core.transaction(
        mode === 'readwrite' && stores.includes('roasts') ? [...new Set([...stores, 'learned'])] : stores,
        mode,
        options,
      ),
    table: (name) => {
      const table = core.table(name);
      // While an older database is brought up there is nothing learned yet.
      const kept = core.schema.tables.some((each) => each.name === 'learned');
      return name === 'roasts' && kept ? forgetting(table, core.table('learned')) : table;
    },
  }),
};

function forgetting(roasts: DBCoreTable, learned: DBCoreTable): DBCoreTable {
  return {
    ...roasts,
    mutate: async (request) => {
      const { trans } = request;
      if (request.type === 'deleteRange') await learned.mutate({ type: 'deleteRange', trans, range: request.range });
      // Nothing can have been learned of a roast that is new.
      else if (request.type !== 'add') {
        const keys = request.type === 'delete' ? request.keys : request.values.map(({ id }: { id: string }) => id);
        await learned.mutate({ type: 'delete', trans, keys });
      }
      return roasts.mutate(request);
    },
  };
}
