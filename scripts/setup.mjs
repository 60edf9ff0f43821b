// What both commands need before they can run: packages installed, web app and server built. Does only what is missing.
import { createHash } from 'node:crypto';
import { execFileSync, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = join(dirname(fileURLToPath(import.meta.url)), '..');

function digest(paths) {
  const hash = createHash('sha256');
  const add = (path) => {
    if (!existsSync(path)) return;
    if (statSync(path).isDirectory()) {
      for (const name of readdirSync(path).sort())
        if (!['node_modules', 'dist', '.git'].includes(name)) add(join(path, name));
    } else if (!/\.test\.tsx?$/.test(path)) hash.update(path.slice(root.length)).update(readFileSync(path));
  };
  for (const path of paths) add(join(root, path));
  return hash.digest('hex');
}

const stampFile = (name) => join(root, 'node_modules', '.lupin', name);
const isCurrent = (name, value) => existsSync(stampFile(name)) && readFileSync(stampFile(name), 'utf8') === value;
function remember(name, value) {
  mkdirSync(dirname(stampFile(name)), { recursive: true });
  writeFileSync(stampFile(name), value);
}

function run(command, args, what) {
  const result = spawnSync(command, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'], encoding: 'utf8' });
  if (result.status === 0) return;
  console.error(`${what} did not work:\n${result.stdout ?? ''}${result.stderr ?? ''}`);
  process.exit(1);
}

export function install() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 19)) {
    console.error(`Lupin needs Node.js 20.19 or newer; this is ${process.versions.node}.`);
    process.exit(1);
  }
  const wanted = digest(['package-lock.json']);
  if (isCurrent('install', wanted)) return;
  console.log('Installing packages …');
  run('npm', ['ci', '--no-audit', '--no-fund'], 'Installing the packages');
  remember('install', wanted);
}

export function build() {
  const wanted = digest(['package-lock.json', 'packages', 'data', 'types']);
  if (
    isCurrent('build', wanted) &&
    existsSync(join(root, 'packages/server/dist/main.js')) &&
    existsSync(join(root, 'packages/web/dist/index.html'))
  )
    return;
  console.log('Building …');
  run('npm', ['run', 'build', '--silent'], 'The build');
  remember('build', wanted);
}

/** Debian's Chromium, installed where that is permitted; otherwise one sentence that says what to install. */
export function chromium() {
  const places = [
    process.env.LUPIN_CHROMIUM,
    '/usr/bin/chromium',
    '/usr/bin/chromium-browser',
    '/usr/bin/google-chrome',
  ].filter(Boolean);
  const found = () => places.find((path) => existsSync(path));
  if (found()) return found();
  try {
    console.log('Installing Chromium for the browser tests …');
    execFileSync('apt-get', ['update', '-qq'], { stdio: 'ignore' });
    execFileSync('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium'], {
      stdio: 'ignore',
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    });
  } catch {
    // Said below, in one place.
  }
  if (found()) return found();
  console.error(
    'The browser tests need Chromium: install it ("apt-get install chromium" on Debian) or set LUPIN_CHROMIUM to its path.',
  );
  process.exit(1);
}
