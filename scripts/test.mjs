// npm test: sets up whatever a fresh machine lacks, then types, lint, unit, API and browser tests.
// Ends with the line "N passed, N failed" over all of them.
import { Buffer } from 'node:buffer';
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { build, chromium, install, root } from './setup.mjs';

let passed = 0;
let failed = 0;
const results = join(root, 'test-results');

function run(name, args, env = {}) {
  console.log(`\n— ${name}`);
  return (
    spawnSync('npx', ['--no-install', ...args], { cwd: root, stdio: 'inherit', env: { ...process.env, ...env } })
      .status === 0
  );
}

function count(ok) {
  if (ok) passed++;
  else failed++;
}

function read(file) {
  const path = join(results, file);
  return existsSync(path) ? JSON.parse(readFileSync(path, 'utf8')) : undefined;
}

install();
const browser = chromium();
rmSync(results, { recursive: true, force: true });
mkdirSync(results, { recursive: true });

// What each needs one core for is done side by side, and said when it is over.
const looked = (name, args) =>
  new Promise((resolve) => {
    const child = spawn('npx', ['--no-install', ...args], { cwd: root });
    const said = [];
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => said.push(chunk));
    child.on('error', (error) => said.push(Buffer.from(String(error))));
    child.on('close', (status) => {
      console.log(`\n— ${name}`);
      process.stdout.write(Buffer.concat(said));
      count(status === 0);
      resolve();
    });
  });
await Promise.all([
  looked('types', ['tsc', '--noEmit', '-p', 'tsconfig.json']).then(() =>
    looked('what nobody uses', ['knip', '--no-progress']),
  ),
  looked('lint', ['eslint', '.', '--max-warnings', '0']),
  looked('layout', ['prettier', '--check', '--log-level', 'warn', '.']),
]);

// Jest leaves a core free for whoever sits at the machine; here nobody does.
const unitOk = run('unit and API tests', [
  'jest',
  `--maxWorkers=${Math.min(4, availableParallelism())}`,
  '--json',
  '--outputFile',
  join(results, 'unit.json'),
]);
const unit = read('unit.json');
passed += unit?.numPassedTests ?? 0;
failed += (unit?.numFailedTests ?? 0) + (unit?.numRuntimeErrorTestSuites ?? 0);
if (!unitOk && !unit?.numFailedTests && !unit?.numRuntimeErrorTestSuites) failed++;

build();
const browserOk = run('browser tests', ['playwright', 'test', '-c', 'e2e/playwright.config.ts'], {
  LUPIN_CHROMIUM: browser,
});
// Playwright empties the folder it writes to, so its report lies there alone.
const e2e = read('e2e.json');
passed += (e2e?.stats?.expected ?? 0) + (e2e?.stats?.flaky ?? 0);
failed += e2e?.stats?.unexpected ?? 0;
if (!browserOk && !e2e?.stats?.unexpected) failed++;

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
