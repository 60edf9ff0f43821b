import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = join(dirname(fileURLToPath(import.meta.url)), '..');

export interface Running {
  readonly url: string;
  readonly folder: string;
  /** Where it lets other devices in, once the host has switched that on. */
  readonly sharePort: number;
  output(): string;
  stop(): Promise<number | null>;
  /** Ends it as a power cut would. */
  kill(): Promise<void>;
}

function freePort(): Promise<number> {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as { port: number };
      probe.close(() => resolve(port));
    });
  });
}

const ended = (child: ChildProcess): Promise<number | null> =>
  new Promise((resolve) => (child.exitCode !== null ? resolve(child.exitCode) : child.once('exit', resolve)));

/** The real built server on a free port, with data of its own. */
export async function startServer(
  options: { demo: boolean; folder?: string; port?: number; reset?: boolean } = { demo: true },
): Promise<Running> {
  const folder = options.folder ?? mkdtempSync(join(tmpdir(), 'lupin-e2e-'));
  const port = options.port ?? (await freePort());
  const sharePort = await freePort();
  const child = spawn(
    process.execPath,
    [
      join(root, 'packages/server/dist/main.js'),
      ...(options.demo ? ['--demo'] : []),
      ...(options.reset ? ['--reset'] : []),
    ],
    { env: { ...process.env, LUPIN_PORT: String(port), LUPIN_SHARE_PORT: String(sharePort), LUPIN_DATA_DIR: folder } },
  );
  let output = '';
  child.stdout.on('data', (chunk: Buffer) => {
    output += chunk.toString();
  });
  child.stderr.on('data', (chunk: Buffer) => {
    output += chunk.toString();
  });
  const url = `http://127.0.0.1:${port}`;
  const until = Date.now() + 60_000;
  while (!output.includes(`Lupin is at ${url}`)) {
    if (child.exitCode !== null || Date.now() > until)
      throw new Error(`The server did not start (exit ${child.exitCode}): ${output}`);
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
  return {
    url,
    folder,
    sharePort,
    output: () => output,
    kill: async () => {
      child.kill('SIGKILL');
      await ended(child);
    },
    stop: async () => {
      child.kill('SIGTERM');
      const code = await ended(child);
      if (!options.folder) rmSync(folder, { recursive: true, force: true });
      return code;
    },
  };
}
