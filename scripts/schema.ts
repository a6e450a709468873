// Writes docs/notebook.schema.json from the Zod schema, which is its only source.
import { writeFileSync } from 'node:fs';
import * as z from 'zod';
import { notebookSchema } from '../src/core/exchange/index.ts';

writeFileSync(
  'docs/notebook.schema.json',
  `${JSON.stringify(z.toJSONSchema(notebookSchema, { unrepresentable: 'any' }), null, 1)}\n`,
);
