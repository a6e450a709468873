import type { DBCore, Middleware } from 'dexie';

/** Every transaction that this page or worker has open. */
const open = new Set<IDBTransaction>();

/**
 * Keeps count of a database's open transactions, so that none is left behind. A page that goes into the back/forward
 * cache is frozen with what it holds: a read that can never end keeps every later write of every page waiting.
 */
export const countTransactions: Middleware<DBCore> = {
  stack: 'dbcore',
  name: 'countTransactions',
  create: (core) => ({
    ...core,
    transaction: (stores, mode, options) => {
      const transaction = core.transaction(stores, mode, options) as unknown as IDBTransaction;
      open.add(transaction);
      for (const end of ['complete', 'abort']) transaction.addEventListener(end, () => open.delete(transaction));
      return transaction as never;
    },
  }),
};

/** Ends whatever still runs. What was being written is in the outbox and is written by the next page (store/outbox.ts). */
export function abortOpenTransactions(): void {
  for (const transaction of open) {
    try {
      transaction.abort();
    } catch {
      // It ended in this very moment.
    }
  }
  open.clear();
}

if ('window' in globalThis) window.addEventListener('pagehide', abortOpenTransactions);
