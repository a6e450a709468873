import { heard } from './run.mjs';

/** Twice what the longest job takes on a slow day: what takes longer than that hangs. */
const LIMIT_MS = 8 * 60_000;

/**
 * Does jobs in their order, `count` at a time, and gives those that failed. A job is `{ name, go }`, where `go` resolves to
 * whether it passed.
 */
export async function inLanes(count, jobs) {
  const queue = [...jobs];
  const failed = [];
  const lane = async () => {
    for (let job = queue.shift(); job; job = queue.shift()) if (!(await job.go())) failed.push(job);
  };
  await Promise.all(Array.from({ length: count }, lane));
  return failed;
}

/** A command as a job: what it said is shown when it is through, so that two never mix. */
export const job = (name, command, args) => ({
  name,
  command,
  args,
  go: async () => {
    const { code, said } = await heard(command, args, LIMIT_MS);
    console.log(`\n${name}\n${said}`);
    return code === 0;
  },
});

/** The same for what must pass; tells which did not. */
export async function allPass(count, jobs) {
  const failed = await inLanes(count, jobs);
  if (failed.length > 0) throw new Error(`Failed: ${failed.map(({ name }) => name).join(', ')}.`);
}
