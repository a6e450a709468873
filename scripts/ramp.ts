// npm run ramp: draws the colours of the beans into a table, so that no screen loads a library of colours.
import { writeFileSync } from 'node:fs';
import { drawTables } from '../src/core/shade/drawRamp.ts';

const { colours, day, night } = drawTables();
writeFileSync(
  'src/core/shade/rampTable.ts',
  `/** Drawn by \`npm run ramp\`; a test holds it against drawRamp.ts. */
// biome-ignore format: a table
export const rampTable = {
  colours: '${colours}',
  day: '${day}',
  night: '${night}',
};
`,
);
