import { failure, type Issue, type Result, success } from '../issues/index.ts';
import { NOTEBOOK_FORMAT, NOTEBOOK_VERSION, type Notebook, notebookSchema } from './notebook.ts';
import { notebookSteps } from './notebookSteps.ts';

/** More issues than this are noise; the first ones say where to look. */
const MOST_ISSUES = 12;

/**
 * Reads a notebook file of any released version. Gives the notebook brought to today's version, or all that is wrong
 * with it; a file of a newer version is refused with that reason. Never throws.
 */
export function parseNotebook(text: string): Result<Notebook> {
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch (cause) {
    return failure({ code: 'notJson', path: [], detail: (cause as Error).message });
  }
  const heading = readHeading(raw);
  if (!heading.ok) return heading;
  let file = raw as Record<string, unknown>;
  for (const step of notebookSteps) if (step.from >= heading.value) file = step.step(file);
  const parsed = notebookSchema.safeParse(file);
  if (!parsed.success) {
    const issues = parsed.error.issues.map(
      (issue): Issue => ({ code: 'shape', path: issue.path.map(plainKey), detail: issue.message }),
    );
    return failure(...issues.slice(0, MOST_ISSUES));
  }
  const dangling = danglingReferences(parsed.data);
  return dangling.length > 0 ? failure(...dangling.slice(0, MOST_ISSUES)) : success(parsed.data);
}

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
  const known = {
    lot: new Set<string>(notebook.lots.map((lot) => lot.id)),
    gear: new Set<string>(notebook.gear.map((each) => each.id)),
    roast: new Set<string>(notebook.roasts.map((roast) => roast.id)),
    key: new Set<string>(notebook.flightKeys.map((key) => key.id)),
  };
  const check = (wanted: keyof typeof known, id: string, ...path: (string | number)[]): Issue[] =>
    known[wanted].has(id) ? [] : [{ code: 'dangling', path, id, wanted }];
  return [
    ...notebook.lots.flatMap((lot, i) => lot.blendOf?.flatMap((part) => check('lot', part.lotId, 'lots', i)) ?? []),
    ...notebook.roasts.flatMap((roast, i) => [
      ...check('lot', roast.lotId, 'roasts', i),
      ...check('gear', roast.gearId, 'roasts', i),
    ]),
    ...notebook.jars.flatMap((jar, i) => check('roast', jar.roastId, 'jars', i)),
    ...notebook.flights.flatMap((flight, i) => check('key', flight.id, 'flights', i)),
    ...notebook.days.flatMap((day, i) =>
      day.batches.flatMap((batch) => [
        ...check('lot', batch.lotId, 'days', i),
        ...check('gear', batch.gearId, 'days', i),
      ]),
    ),
  ];
}

function plainKey(key: PropertyKey): string | number {
  return typeof key === 'number' ? key : String(key);
}
