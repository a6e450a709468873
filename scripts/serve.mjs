import { spawn } from 'node:child_process';
import { createServer } from 'node:net';

const DEFAULT_PORT = 4321;

/** Serves the built app until it is stopped. `household` is what a new browser begins with: `demo` or `ask`. */
export async function serve(household) {
  const port = Number(process.env.PORT ?? DEFAULT_PORT);
  const host = process.env.HOST ?? 'localhost';
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Error(`PORT must be a number from 1 to 65535, got "${process.env.PORT}".`);
  if (!(await isFree(port, host)))
    throw new Error(
      `Port ${port} is taken: is Gander running already? Stop it, or choose another port: PORT=${port + 1} ./gander ${household === 'demo' ? 'demo' : 'start'}`,
    );
  const child = spawn(process.execPath, ['dist/server/entry.mjs'], {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, PORT: String(port), HOST: host, GANDER_HOUSEHOLD: household, NODE_ENV: 'production' },
  });
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
  const answered = await waitFor(`http://${host}:${port}/api/welcome`, child);
  if (answered)
    console.log(
      `\nGander is at http://${host}:${port}/${household === 'demo' ? '  (demo household)' : ''}\nStop it with Ctrl+C.`,
    );
  return new Promise((resolve) => child.on('exit', (code, signal) => resolve(signal ? 0 : (code ?? 1))));
}

function isFree(port, host) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, host, () => probe.close(() => resolve(true)));
  });
}

async function waitFor(address, child) {
  for (let tries = 0; tries < 100 && child.exitCode === null; tries++) {
    try {
      if ((await fetch(address)).ok) return true;
    } catch {
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
  }
  return false;
}
