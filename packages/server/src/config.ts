import { join, resolve } from 'node:path';
import * as v from 'valibot';
import { StartError } from './db/open.ts';

const portFrom = (name: string) =>
  v.pipe(
    v.string(),
    v.check(
      (text) => /^\d{1,5}$/.test(text) && Number(text) >= 1 && Number(text) <= 65_535,
      ({ input }) => `${name} is "${input}"; it must be a port number from 1 to 65535.`,
    ),
    v.transform(Number),
  );

/** What may be set from outside. */
const Environment = v.object({
  LUPIN_PORT: v.optional(portFrom('LUPIN_PORT'), '4400'),
  LUPIN_SHARE_PORT: v.optional(portFrom('LUPIN_SHARE_PORT')),
  LUPIN_DATA_DIR: v.optional(v.string()),
  LUPIN_LOG: v.optional(
    v.picklist(
      ['silent', 'error', 'warn', 'info', 'debug'],
      ({ input }) => `LUPIN_LOG is "${String(input)}"; it must be silent, error, warn, info or debug.`,
    ),
    'error',
  ),
});

/** How a server is started. */
export interface Config {
  readonly demo: boolean;
  /** The demo's data is thrown away first. */
  readonly reset: boolean;
  readonly folder: string;
  readonly port: number;
  /** For devices of the home network. */
  readonly sharePort: number;
  readonly logLevel: v.InferOutput<typeof Environment>['LUPIN_LOG'];
}

/** @throws StartError for what cannot be meant, in one sentence */
export function configFrom(
  root: string,
  args: readonly string[],
  environment: Readonly<Record<string, string | undefined>>,
): Config {
  const read = v.safeParse(Environment, environment);
  if (!read.success) throw new StartError(read.issues[0].message);
  const { LUPIN_PORT: port, LUPIN_SHARE_PORT, LUPIN_DATA_DIR, LUPIN_LOG: logLevel } = read.output;
  const demo = args.includes('--demo');
  const reset = args.includes('--reset');
  if (reset && !demo) throw new StartError('--reset is for the demo only; your own data is never thrown away.');
  const sharePort = LUPIN_SHARE_PORT ?? (port < 65_535 ? port + 1 : port - 1);
  if (sharePort === port)
    throw new StartError('LUPIN_SHARE_PORT must be a port number from 1 to 65535, other than LUPIN_PORT.');
  const folder = resolve(LUPIN_DATA_DIR ?? join(root, demo ? 'var/demo' : 'var/lupin'));
  return { demo, reset, folder, port, sharePort, logLevel };
}
