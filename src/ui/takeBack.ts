import type { Deleted, Done } from '@/store/changes';
import { database } from '@/store/current';
import { type Notice, notify } from '@/store/notices';

/** More rows than this are taken back by a worker: the page would stand still. */
const MANY = 100;

/** Takes something on the list of what was done back, and says so, with the way to do it again. */
export const takeDoneBack = (done: Done): Promise<void> =>
  takeBack(done.id, done.rows, done.of ? { text: done.of } : { text: `Taken back: ${done.text}`, of: done.text });

/** Brings back what was deleted, and says so. */
export const haveBack = ({ id, gone }: Deleted, title: string): Promise<void> =>
  takeBack(id, gone.length, {
    text: gone.length === 1 ? `${title} is back.` : `${title} is back, with ${gone.length - 1} more.`,
  });

/** Fetched when they are first wanted: the roast screen has no room to spare. */
async function takeBack(id: string, rows: number, words: Pick<Notice, 'text' | 'of'>): Promise<void> {
  const db = database();
  if (rows > MANY) {
    const { takeBackThere } = await import('@/workers/keeper/client');
    return notify(await takeBackThere(db.name, id, words));
  }
  const { takeLineBack } = await import('@/store/takeDoneBack');
  notify(await takeLineBack(db, id, words));
}
