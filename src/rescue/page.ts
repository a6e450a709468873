// The rescue page: plain elements and no islands, so that it opens whatever the data are.
import { databasesHere, deleteDatabase, deleteRow, everythingIn, rowsOf, tablesOf } from './rawStore.ts';

/** On users' disks (store/database.ts); told again here, since nothing of the app may be needed to open this page. */
const NAMES = { gander: 'Your own notebook', 'gander-demo': 'The demo household', 'gander-practice': 'Practice' };

type Child = Node | string;
function make<K extends keyof HTMLElementTagNameMap>(
  tag: K,
  className: string,
  ...children: Child[]
): HTMLElementTagNameMap[K] {
  const element = document.createElement(tag);
  element.className = className;
  element.append(...children);
  return element;
}

const place = (id: string) => document.getElementById(id) as HTMLElement;
const say = (text: string) => {
  place('rescue-status').textContent = text;
};

/** A button that does something that may fail, and says so; `sure` makes it ask with a second press. */
function button(text: string, act: () => Promise<unknown>, sure?: string): HTMLButtonElement {
  const element = make('button', 'border-ink hover:bg-sunk min-h-11 rounded-xl border-2 px-5 font-bold', text);
  element.type = 'button';
  let asked = false;
  element.onclick = async () => {
    if (sure && !asked) {
      asked = true;
      element.textContent = sure;
      return;
    }
    asked = false;
    element.textContent = text;
    element.disabled = true;
    try {
      await act();
    } catch (error) {
      say(`That did not work: ${(error as Error | null)?.message ?? String(error)}`);
    } finally {
      element.disabled = false;
    }
  };
  return element;
}

function saveText(text: string, name: string): void {
  const url = URL.createObjectURL(new Blob([text], { type: 'application/json' }));
  const link = make('a', '');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 60_000);
}

/** What was pressed and not yet kept lies in the small store. */
function smallStore(): Record<string, string> {
  const all: Record<string, string> = {};
  try {
    for (let i = 0; i < localStorage.length; i++) {
      const key = localStorage.key(i) ?? '';
      all[key] = localStorage.getItem(key) ?? '';
    }
  } catch {
    // Blocked: then there is nothing in it.
  }
  return all;
}

const today = () => new Date().toISOString().slice(0, 10);

async function saveRaw(name: string): Promise<void> {
  // Sound is no text; where the notebook is made anew it stays.
  const { soundPieces = [], ...tables } = await everythingIn(name);
  const text = JSON.stringify(
    { rawDatabase: name, savedAt: new Date().toISOString(), tables, small: smallStore() },
    null,
    1,
  );
  saveText(text, `${name}-raw-${today()}.json`);
  const lacks = soundPieces.length === 0 ? '' : ' The kept sound of roasts is not in it.';
  say(`Saved as it is. Gander can read the good rows of it again: load it in Files and settings.${lacks}`);
}

/** Saves it as it is, takes what can be read, and makes the database anew from that. */
async function rebuild(name: string): Promise<void> {
  await saveRaw(name);
  const { rebuildFrom } = await import('./rebuild.ts');
  const { kept, leftOut } = await rebuildFrom(name, await everythingIn(name));
  await show();
  say(
    `Rebuilt: ${kept} rows are in it${leftOut === 0 ? ', none was left out' : `, ${leftOut} could not be read and ${leftOut === 1 ? 'is' : 'are'} in the file just saved`}.`,
  );
}

async function startEmpty(name: string): Promise<void> {
  await saveRaw(name);
  await deleteDatabase(name);
  await show();
  say('It is empty now. What was in it is in the file just saved.');
}

async function showRows(name: string, table: string, into: HTMLElement): Promise<void> {
  const rows = await rowsOf(name, table);
  into.replaceChildren(
    ...rows.map(({ key, row }) => {
      const text = JSON.stringify(row) ?? String(row);
      const line = make(
        'li',
        'flex flex-wrap items-center gap-3 py-2',
        make('code', 'mr-auto min-w-0 flex-1 truncate text-[0.95rem]', text.slice(0, 160)),
        button('Export', async () => saveText(JSON.stringify(row, null, 1), `${table}-row.json`)),
        button(
          'Delete',
          async () => {
            await deleteRow(name, table, key);
            line.remove();
            say(`One row of ${table} is deleted.`);
          },
          'Delete it for good',
        ),
      );
      return line;
    }),
  );
}

async function databaseSection(name: string): Promise<HTMLElement> {
  const tables = (await tablesOf(name)).filter(({ count }) => count > 0);
  const list = make('ul', 'divide-line my-3 divide-y');
  for (const table of tables) {
    const rows = make('ul', 'divide-line divide-y pl-4');
    const open = button(`${table.count} in ${table.name}`, async () => {
      if (rows.childElementCount > 0) rows.replaceChildren();
      else await showRows(name, table.name, rows);
    });
    open.className = 'min-h-11 underline underline-offset-4';
    list.append(make('li', '', open, rows));
  }
  return make(
    'section',
    'border-ink mt-8 border-t-2 pt-3',
    make('h2', 'text-2xl', NAMES[name as keyof typeof NAMES] ?? name),
    tables.length === 0 ? make('p', 'text-husk my-3', 'Nothing is in it.') : list,
    make(
      'p',
      'flex flex-wrap gap-3',
      button('Save everything as it is', () => saveRaw(name)),
      button('Rebuild it from what can be read', () => rebuild(name), 'Save it, then rebuild it'),
      button('Start empty', () => startEmpty(name), 'Save it, then delete all of it here'),
    ),
  );
}

async function show(): Promise<void> {
  if (typeof indexedDB === 'undefined' || indexedDB === null) {
    say(
      'This browser keeps nothing for this address: its storage is missing or blocked. Open it in an ordinary window, and allow this site to keep data.',
    );
    return;
  }
  const names = await databasesHere(Object.keys(NAMES));
  const sections: HTMLElement[] = [];
  for (const name of names) {
    try {
      sections.push(await databaseSection(name));
    } catch (error) {
      sections.push(
        make(
          'section',
          'border-ink mt-8 border-t-2 pt-3',
          make('h2', 'text-2xl', name),
          `It cannot be opened: ${(error as Error).message}`,
          button('Start empty', () => deleteDatabase(name).then(show), 'Delete all of it here'),
        ),
      );
    }
  }
  place('rescue').replaceChildren(...sections);
  say(
    names.length === 0 ? 'There is no notebook in this browser. A saved file can be loaded in Files and settings.' : '',
  );
}

/** Shows what is here, and what can be done with it. */
export function startRescue(): void {
  show().catch((error) =>
    say(
      `What is kept here cannot be looked at: ${(error as Error | null)?.message ?? String(error)}. Storage is perhaps blocked for this site, or the window is a private one.`,
    ),
  );
}
