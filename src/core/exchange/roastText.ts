/** What a text about a roast or recipe needs to say: already in the words and units of whoever shares it. */
export interface Shared {
  readonly title: string;
  /** Name and value of each fact, in order; those without a value are left out. */
  readonly facts: readonly (readonly [name: string, value: string | undefined])[];
  /** What happened when, in order. */
  readonly events: readonly (readonly [at: string, what: string])[];
  readonly note: string | undefined;
}

/** Signs that Markdown would take for its own. */
const plain = (text: string) =>
  text
    .replace(/[\\`*_{}[\]<>#|~]/g, (sign) => `\\${sign}`)
    .replace(/\s+/g, ' ')
    .trim();

/** A roast or recipe as Markdown, which also reads well where nothing draws it. */
export function formatShared({ title, facts, events, note }: Shared): string {
  const lines = [`# ${plain(title)}`, ''];
  for (const [name, value] of facts) if (value) lines.push(`- **${plain(name)}:** ${plain(value)}`);
  if (events.length > 0) {
    lines.push('', '| when | what |', '|---|---|');
    for (const [at, what] of events) lines.push(`| ${plain(at)} | ${plain(what)} |`);
  }
  if (note?.trim())
    lines.push(
      '',
      ...note
        .trim()
        .split('\n')
        .map((line) => `> ${plain(line)}`),
    );
  return `${lines.join('\n')}\n`;
}
