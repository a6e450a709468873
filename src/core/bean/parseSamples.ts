import { failure, type Result, success } from '../issues/index.ts';
import { parseWeight, type WeightUnit } from '../units/index.ts';
import { type Process, processes, processNames } from './beanKinds.ts';

/** One sample out of a list that somebody typed or pasted. */
export interface Sample {
  readonly name: string;
  readonly origin: string;
  readonly process: Process;
  readonly grams: number;
}

const SAMPLE_RANGE = { leastGrams: 1, mostGrams: 100_000 };
const EXAMPLE = 'Kite Hill, Ethiopia, natural, 100 g';

/**
 * Reads sample packs, one a line: name first, then origin, process and weight in any order, parted by commas, semicolons
 * or tabs. Without a process that is known here it counts as another. What is neither process nor weight is the origin, as it was
 * written. Empty lines are passed over. Gives all samples, or an issue for each line that has no weight or no name; `path` holds
 * the line's number, counted from 0.
 */
export function parseSamples(text: string, unit: WeightUnit): Result<Sample[]> {
  const samples: Sample[] = [];
  const issues = text.split(/\r?\n/).flatMap((line, i) => {
    if (line.trim() === '') return [];
    const read = parseLine(line, unit);
    if (read.ok) samples.push(read.value);
    return read.ok ? [] : read.issues.map((issue) => ({ ...issue, path: [i] }));
  });
  if (issues.length > 0) return failure(...issues);
  return samples.length > 0
    ? success(samples)
    : failure({ code: 'empty', path: [], expected: `a line such as ${EXAMPLE}` });
}

function parseLine(line: string, unit: WeightUnit): Result<Sample> {
  const [name = '', ...rest] = partsOf(line);
  if (name === '') return failure({ code: 'empty', path: [], expected: `a name first, as in ${EXAMPLE}` });
  const sample = { name: name.slice(0, 80), origin: '', process: 'other' as Process, grams: 0 };
  let complaint: Result<number> | undefined;
  for (const part of rest.filter((each) => each !== '')) {
    const process = processes.find((each) =>
      [each.toLowerCase(), processNames[each] as string].includes(part.toLowerCase()),
    );
    const weight = parseWeight(part, unit, { range: SAMPLE_RANGE });
    if (process) sample.process = process;
    else if (weight.ok) sample.grams = weight.value;
    else if (weight.issues[0]?.code === 'notANumber')
      sample.origin = [sample.origin, part].filter(Boolean).join(', ').slice(0, 80);
    else complaint = weight;
  }
  if (complaint && !complaint.ok) return complaint;
  if (sample.grams === 0)
    return failure({ code: 'empty', path: [], expected: `a weight at the end, as in ${EXAMPLE}` });
  return success(sample);
}

const MARK = '\0';

/** The fields of a line. A comma between digits is a decimal mark, not the end of a field. */
function partsOf(line: string): string[] {
  const marked = line.replace(/(\d),(?=\d)/g, `$1${MARK}`);
  return marked.split(/[;\t,]/).map((part) => part.replaceAll(MARK, ',').trim());
}
