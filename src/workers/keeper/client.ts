import { callOnce } from '../callOnce';
import type { KeeperContract } from './contract';

/** A notebook of years, on an old tablet that does other things. */
const LIMIT_MS = 180_000;

/** Looks after a notebook in a worker of its own; gives how many things could not be read and were set aside. */
export function lookAfter(databaseName: string): Promise<number> {
  const worker = new Worker(new URL('./keeper.worker.ts', import.meta.url), { type: 'module' });
  return callOnce<KeeperContract, number>(worker, (keeper) => keeper.lookAfter(databaseName), LIMIT_MS).result;
}
