import { failure, type Issue, type Result, success } from '../issues/index.ts';
import { NOTEBOOK_FORMAT, NOTEBOOK_VERSION, type Notebook, notebookSchema } from './notebook.ts';
import { notebookSteps } from './notebookSteps.ts';
import { danglingRows } from './references.ts';
import { detailOf, plainKey } from './rowFault.ts';

/** More issues than this are noise; the first ones say where to look. */
const MOST_ISSUES = 12;

/**
 * Reads a notebook file of any released version. Gives the notebook brought to today's version, or all that is wrong
 * with it; a file of a newer version is refused with that reason. Never throws.
 */
export function parseNotebook(text: string): Result<Notebook> {
  const file = readNotebookFile(text);
  if (!file.ok) return file;
  const parsed = notebookSchema.safeParse(file.value);
  if (!parsed.success) {
    const issues = parsed.error.issues.map(
      (issue): Issue => ({ code: 'shape', path: issue.path.map(plainKey), detail: detailOf(issue) }),
    );
    return failure(...issues.slice(0, MOST_ISSUES));
  }
  const dangling = danglingReferences(parsed.data);
  return dangling.length > 0 ? failure(...dangling.slice(0, MOST_ISSUES)) : success(parsed.data);
}

/**
 * The file brought to today's version, its rows unread; refused where it is no notebook, or of a newer Gander. `clean` sees
 * it first, as it was written.
 */
export function readNotebookFile(
  text: string,
  clean: (file: Record<string, unknown>) => Record<string, unknown> = (file) => file,
): Result<Readonly<Record<string, unknown>>> {
  let raw: unknown;
  try {
    // A field of this name would change what a row is once it is copied; none of ours has it.
    raw = text.includes('"__proto__"') ? JSON.parse(text, withoutProto) : JSON.parse(text);
  } catch (cause) {
    return failure({ code: 'notJson', path: [], detail: (cause as Error).message });
  }
  const heading = readHeading(raw);
  if (!heading.ok) return heading;
  try {
    let file = clean(raw as Record<string, unknown>);
    for (const step of notebookSteps) if (step.from >= heading.value) file = step.step(file);
    return success(file);
  } catch (cause) {
    return failure({ code: 'shape', path: [], detail: `a row of it is none (${(cause as Error).message})` });
  }
}

const withoutProto = (key: string, value: unknown) => (key === '__proto__' ? undefined : value);

function readHeading(raw: unknown): Result<number> {
  if (typeof raw !== 'object' || raw === null || Array.isArray(raw))
    return failure({ code: 'notOurs', path: [], found: 'it holds no notebook object' });
  const { format, version } = raw as { format?: unknown; version?: unknown };
  if (format !== NOTEBOOK_FORMAT)
    return failure({
      code: 'notOurs',
      path: [],
      found: format === undefined ? 'it names no format' : `its format is ${JSON.stringify(format)}`,
    });
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    return failure({
      code: 'shape',
      path: ['version'],
      detail: `expected a whole number from 1, got ${JSON.stringify(version)}`,
    });
  if (version > NOTEBOOK_VERSION) return failure({ code: 'newer', path: [], version, known: NOTEBOOK_VERSION });
  return success(version);
}

function danglingReferences(notebook: Notebook): Issue[] {
  return danglingRows(notebook).map(({ table, index, id, wanted }) => ({
    code: 'dangling',
    path: [table, index],
    id,
    wanted,
  }));
}
