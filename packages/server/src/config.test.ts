import { resolve } from 'node:path';
import { configFrom } from './config.ts';
import { StartError } from './db/open.ts';

const from = (environment: Record<string, string>, ...args: readonly string[]) =>
  configFrom('/root', args, environment);

test('without a word it is the cook’s own data, on the usual ports, quiet but for errors', () => {
  expect(from({})).toEqual({
    demo: false,
    reset: false,
    folder: resolve('/root/var/lupin'),
    port: 4400,
    sharePort: 4401,
    logLevel: 'error',
  });
  expect(from({}, '--demo', '--reset')).toMatchObject({ demo: true, reset: true, folder: resolve('/root/var/demo') });
});

test('what is set from outside is taken; the last port shares one below', () => {
  expect(from({ LUPIN_PORT: '65535', LUPIN_DATA_DIR: '/data', LUPIN_LOG: 'info' })).toMatchObject({
    port: 65_535,
    sharePort: 65_534,
    folder: resolve('/data'),
    logLevel: 'info',
  });
});

test.each([
  [{ LUPIN_PORT: 'soon' }, 'LUPIN_PORT is "soon"; it must be a port number from 1 to 65535.'],
  [{ LUPIN_PORT: '0' }, 'LUPIN_PORT is "0"; it must be a port number from 1 to 65535.'],
  [{ LUPIN_PORT: '1e3' }, 'LUPIN_PORT is "1e3"; it must be a port number from 1 to 65535.'],
  [{ LUPIN_SHARE_PORT: '70000' }, 'LUPIN_SHARE_PORT is "70000"; it must be a port number from 1 to 65535.'],
  [
    { LUPIN_PORT: '4500', LUPIN_SHARE_PORT: '4500' },
    'LUPIN_SHARE_PORT must be a port number from 1 to 65535, other than LUPIN_PORT.',
  ],
  [{ LUPIN_LOG: 'loud' }, 'LUPIN_LOG is "loud"; it must be silent, error, warn, info or debug.'],
])('%o is refused in one sentence', (environment, words) => {
  expect(() => from(environment as Record<string, string>)).toThrow(new StartError(words));
});

test('the cook’s own data is never thrown away', () => {
  expect(() => from({}, '--reset')).toThrow(StartError);
});
