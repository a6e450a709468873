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

/**
 * Runs a command and gives what it said, all at once, with the code it ended with: for commands that run beside others. One
 * that is not through after `limitMs` is ended, with all that it started.
 */
export function heard(command, args, limitMs) {
  return new Promise((resolve, reject) => {
    // A group of its own, so that its browsers and servers end with it.
    const child = spawn(command, args, { stdio: ['ignore', 'pipe', 'pipe'], env: process.env, detached: true });
    let said = '';
    for (const stream of [child.stdout, child.stderr])
      stream.setEncoding('utf8').on('data', (piece) => (said += piece));
    const limit = setTimeout(() => {
      said += `\nNot through after ${limitMs / 1000} s: ended.\n`;
      endGroup(child.pid);
    }, limitMs);
    child.on('error', reject);
    child.on('exit', (code) => {
      clearTimeout(limit);
      endGroup(child.pid);
      // Its streams may never end, should something have left the group with them; what it said last comes at once.
      setTimeout(() => resolve({ code, said }), 300);
    });
  });
}

function endGroup(leader) {
  try {
    process.kill(-leader, 'SIGKILL');
  } catch {
    // Nothing of it is left.
  }
}
