/** What a journey asks of a browser, whatever its engine. Elements are named by XPath, which all three drivers read. */
export interface Driver {
  readonly name: string;
  readonly goto: (address: string) => Promise<void>;
  readonly back: () => Promise<void>;
  readonly forward: () => Promise<void>;
  readonly reload: () => Promise<void>;
  readonly click: (xpath: string) => Promise<void>;
  /** Replaces what stands in a field. */
  readonly fill: (xpath: string, text: string) => Promise<void>;
  /** Presses a key on the page: one letter, or `Space`, `Shift+Space`, `Enter`. */
  readonly press: (key: string) => Promise<void>;
  readonly texts: (xpath: string) => Promise<string[]>;
  /** Runs a function body in the page; it may return a promise. */
  readonly run: <T>(body: string) => Promise<T>;
  readonly close: () => Promise<void>;
}

/** Three browsers share the machine with all other tests. */
const WAIT_MS = 40_000;

/** Waits until `check` gives something; says what was waited for when it never does. */
export async function until<T>(what: string, check: () => Promise<T | undefined | false>, ms = WAIT_MS): Promise<T> {
  const end = Date.now() + ms;
  let last: unknown;
  while (Date.now() < end) {
    try {
      const found = await check();
      if (found) return found;
    } catch (error) {
      last = error;
    }
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error(`waited ${ms / 1000} s for ${what}`, { cause: last });
}

/** Waits until an element is there. */
export const seen = (driver: Driver, xpath: string) => until(xpath, async () => (await driver.texts(xpath)).length > 0);

/** The button with these words, or these first words. */
export const button = (words: string) =>
  `//button[starts-with(normalize-space(.), "${words}") or starts-with(@aria-label, "${words}")]`;
/** The field with this label. */
export const field = (label: string) =>
  `//*[(self::input or self::select or self::textarea) and (@aria-label="${label}" or @id=//label[starts-with(normalize-space(.), "${label}")]/@for or ancestor::label[starts-with(normalize-space(.), "${label}")])]`;
/** The innermost thing whose text holds these words. */
export const words = (text: string) => {
  const holds = `contains(normalize-space(.), "${text}")`;
  return `//body//*[not(self::script) and ${holds}][not(*[${holds}])]`;
};
