import { spawn } from 'node:child_process';
import { join } from 'node:path';

/** The path of a command that a package brings. */
export const bin = (name) => join('node_modules', '.bin', name);

/** Runs a command with its output shown; rejects when it fails. */
export function run(command, args, { quiet = false, env = {} } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, {
      stdio: quiet ? 'ignore' : 'inherit',
      env: { ...process.env, ASTRO_TELEMETRY_DISABLED: '1', ...env },
    });
    child.on('error', reject);
    child.on('exit', (code) =>
      code === 0 ? resolve(0) : reject(new Error(`${command} ${args.slice(0, 4).join(' ')} ended with ${code}.`)),
    );
  });
}

/** Runs a command and gives what it said, all at once, with the code it ended with: for commands that run beside others. */
export function heard(command, args) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { stdio: ['ignore', 'pipe', 'pipe'], env: process.env });
    let said = '';
    for (const stream of [child.stdout, child.stderr])
      stream.setEncoding('utf8').on('data', (piece) => (said += piece));
    child.on('error', reject);
    // Its streams may never end, since a browser that it left behind would hold them open; what it said last comes at once.
    child.on('exit', (code) => setTimeout(() => resolve({ code, said }), 300));
  });
}
