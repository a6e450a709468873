/** What a page says to a newer Gander that waits for its turn; it answers through the port that comes along. */
export type Message = 'take over' | 'what changed';

/** Its answer to “take over”: it does, or other windows still need the one before. */
export type TakeOverAnswer = 'taken' | 'other windows';

/** Asks the waiting worker; undefined when it says nothing within two seconds, as one of before this did. */
export function askWaiting<Answer>(worker: ServiceWorker, message: Message): Promise<Answer | undefined> {
  return new Promise((resolve) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = ({ data }) => resolve(data as Answer);
    setTimeout(() => resolve(undefined), 2000);
    worker.postMessage(message, [port2]);
  });
}
