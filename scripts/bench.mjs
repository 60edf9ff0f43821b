// npm run bench [-- words of their names [a number for them]]: prints figures; never fails on a slow machine. Bundles bench/*.ts and runs each.
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { spawnSync } from 'node:child_process';
import { build } from 'vite';
import { install, root } from './setup.mjs';

install();
const number = process.argv.slice(2).find((word) => Number.isFinite(Number(word)));
const words = process.argv.slice(2).filter((word) => word !== number);
const files = readdirSync(join(root, 'bench')).filter(
  (file) => file.endsWith('.bench.ts') && (words.length === 0 || words.some((word) => file.includes(word))),
);
const outDir = join(root, 'node_modules/.lupin/bench');
await build({
  configFile: false,
  logLevel: 'error',
  root,
  build: {
    ssr: true,
    outDir,
    target: 'node20',
    emptyOutDir: true,
    rollupOptions: {
      input: Object.fromEntries(files.map((file) => [file.replace('.bench.ts', ''), join(root, 'bench', file)])),
    },
  },
  ssr: { noExternal: ['@lupin/core', 'valibot'], external: ['highs'] },
});
let status = 0;
for (const file of files) {
  const result = spawnSync(
    process.execPath,
    ['--expose-gc', join(outDir, file.replace('.bench.ts', '.js')), ...(number ? [number] : [])],
    { cwd: root, stdio: 'inherit' },
  );
  status ||= result.status ?? 1;
}
process.exit(status);
