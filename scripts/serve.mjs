import { spawn } from 'node:child_process';
import { createServer } from 'node:net';
import { homedir } from 'node:os';
import { join } from 'node:path';

const DEFAULT_PORT = 4321;
/** What runs the server: its limits and headers are the app's own code. */
const FRONT = ['--import', 'tsx', 'src/server/front/main.ts'];

/**
 * Serves the built app until it is stopped. `household` is what a new browser begins with: `demo` or `ask`; `house` lets
 * the household's other devices in, over https.
 */
export async function serve(household, { house = false } = {}) {
  const port = Number(process.env.PORT ?? DEFAULT_PORT);
  const host = house ? '0.0.0.0' : (process.env.HOST ?? 'localhost');
  const command = household === 'demo' ? 'demo' : house ? 'start --house' : 'start';
  if (!Number.isInteger(port) || port < 1 || port > 65534)
    throw new Error(`PORT must be a number from 1 to 65534, got "${process.env.PORT}".`);
  for (const each of house ? [port, port + 1] : [port])
    if (!(await isFree(each, host)))
      throw new Error(
        `Port ${each} is taken: is Gander running already? Stop it, or choose another port: PORT=${port + 2} ./gander ${command}`,
      );
  const files = process.env.GANDER_HOUSE_FILES ?? join(homedir(), '.gander-house');
  const child = spawn(process.execPath, FRONT, {
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
    env: {
      ...process.env,
      PORT: String(port),
      HOST: host,
      GANDER_HOUSEHOLD: household,
      GANDER_HOUSE_FILES: house ? files : '',
      NODE_ENV: 'production',
    },
  });
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
  child.once('message', () => {
    if (house) return;
    const open = host === 'localhost' || host.startsWith('127.') || host === '::1';
    console.log(
      `\nGander is at http://${host}:${port}/${household === 'demo' ? '  (demo household)' : ''}\n${
        open
          ? 'Only this computer reaches it. For the tablet by the stove: ./gander start --house'
          : 'Everybody who reaches this computer can open it, and nothing is encrypted. ./gander start --house does it safely.'
      }\nStop it with Ctrl+C.`,
    );
  });
  return new Promise((resolve) => child.on('exit', (code, signal) => resolve(signal ? 0 : (code ?? 1))));
}

function isFree(port, host) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, host, () => probe.close(() => resolve(true)));
  });
}
