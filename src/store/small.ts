/** The browser's small stores, of this device and of this visit; where they are blocked, memory stands in until the page goes. */
export interface SmallStore {
  get(key: string): string | undefined;
  /** Keeps a value, or takes it away. Gives whether it will be there after the page goes. */
  set(key: string, value: string | undefined): boolean;
  keys(): string[];
}

function smallStore(name: 'localStorage' | 'sessionStorage'): SmallStore {
  const memory = new Map<string, string>();
  /** Even to name it can be refused. */
  const store = (): Storage | undefined => {
    try {
      return (globalThis as { [name: string]: unknown })[name] as Storage | undefined;
    } catch {
      return undefined;
    }
  };
  return {
    get(key) {
      try {
        return memory.get(key) ?? store()?.getItem(key) ?? undefined;
      } catch {
        return memory.get(key);
      }
    },
    set(key, value) {
      memory.delete(key);
      try {
        const real = store();
        if (value === undefined) real?.removeItem(key);
        else real?.setItem(key, value);
        if (real) return true;
      } catch {
        // Full, or blocked: memory has to do.
      }
      if (value !== undefined) memory.set(key, value);
      return false;
    },
    keys() {
      const real = store();
      const kept = real ? Array.from({ length: real.length }, (_, i) => real.key(i) ?? '') : [];
      return [...new Set([...kept, ...memory.keys()])];
    },
  };
}

export const onDevice: SmallStore = smallStore('localStorage');
export const thisVisit: SmallStore = smallStore('sessionStorage');
