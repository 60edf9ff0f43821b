// npm run demo / npm start: sets up what is missing, then serves until it is stopped.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { build, install, root } from './setup.mjs';

const [kind, ...rest] = process.argv.slice(2);
install();
build();
const server = spawn(
  process.execPath,
  [join(root, 'packages/server/dist/main.js'), ...(kind === 'demo' ? ['--demo'] : []), ...rest],
  { stdio: 'inherit' },
);
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
