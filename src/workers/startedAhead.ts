/** Workers of a kind, of which one can be started before it is asked for anything: that is half a second on an old tablet. */
export interface StartedAhead {
  /** Starts one that waits; nothing where one waits already. */
  readonly makeReady: () => Worker | undefined;
  /** The one that waits, else a new one. Whoever takes it listens for its errors. */
  readonly take: () => Worker;
}

export function startedAhead(start: () => Worker): StartedAhead {
  let ready: Worker | undefined;
  return {
    makeReady: () => {
      if (ready) return undefined;
      ready = start();
      // One that does not even begin is none; whoever asks next gets another, which says what is wrong.
      ready.onerror = () => {
        ready = undefined;
      };
      return ready;
    },
    take: () => {
      const worker = ready ?? start();
      ready = undefined;
      return worker;
    },
  };
}
