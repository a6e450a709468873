import type * as z from 'zod';
import { type ContentTable, contentTables } from './contentTables.ts';
import type { Notebook } from './notebook.ts';
import { rowSchema } from './rowFault.ts';

/** A field of a table, or of things in it, that this Gander does not know: `guide.chaff`, and in how many rows it stands. */
export interface UnknownField {
  readonly table: ContentTable;
  readonly field: string;
  readonly count: number;
}

/** The fields of a notebook that are kept and not understood: a newer Gander's, or a slip of somebody who edits by hand. */
export function unknownFields(notebook: Notebook): UnknownField[] {
  return contentTables.flatMap((table) => {
    const counts = new Map<string, number>();
    for (const row of notebook[table]) {
      const found = new Set<string>();
      look(rowSchema(table) as unknown as z.core.$ZodTypes, row, '', found);
      for (const field of found) counts.set(field, (counts.get(field) ?? 0) + 1);
    }
    return [...counts].map(([field, count]) => ({ table, field, count }));
  });
}

/** Goes through a value as field schema does, and notes where that has no word for it. */
function look(schema: z.core.$ZodTypes, value: unknown, path: string, found: Set<string>): void {
  const { def } = schema._zod;
  switch (def.type) {
    case 'object':
      for (const [key, each] of Object.entries((value ?? {}) as object)) {
        const field = def.shape[key] as z.core.$ZodTypes | undefined;
        const here = path === '' ? key : `${path}.${key}`;
        if (field) look(field, each, here, found);
        else found.add(here);
      }
      break;
    case 'array':
      for (const each of value as unknown[]) look(def.element as z.core.$ZodTypes, each, path, found);
      break;
    case 'union': {
      const option = (def.options as z.ZodType[]).find((each) => each.safeParse(value).success);
      if (option) look(option as unknown as z.core.$ZodTypes, value, path, found);
      break;
    }
    case 'optional':
    case 'nullable':
    case 'default':
    case 'readonly':
      if (value !== undefined && value !== null) look(def.innerType as z.core.$ZodTypes, value, path, found);
      break;
    default:
      break;
  }
}
