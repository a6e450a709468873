import { commands } from './commands.mjs';

const [name = 'help', ...rest] = process.argv.slice(2);
const command = commands[name];
if (!command) {
  console.log('Gander. Say one of these:\n');
  for (const [each, { says }] of Object.entries(commands)) console.log(`  ./gander ${each.padEnd(6)} ${says}`);
  process.exit(name === 'help' || name === '--help' ? 0 : 2);
}
try {
  process.exitCode = (await command.run(rest)) ?? 0;
} catch (error) {
  console.error(`\n${error.message}`);
  process.exitCode = 1;
}
