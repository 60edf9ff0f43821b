/**
 * npm run mutation -- [room or room/file.ts ...]: mutation testing of rooms of the core, by default those that judge and follow residues.
 * A whole room can take hours; a file of it is held against all tests of its room, and leaves a report of its own. With `--own` it is held
 * against the test of its own name alone: minutes, and a score that the room can only raise.
 */
import { spawnSync } from 'node:child_process';

const own = process.argv.includes('--own');
const named = process.argv.slice(2).filter((word) => word !== '--own');
const subjects = named.length > 0 ? named : ['audit', 'fit', 'exposure', 'ledger', 'state'];
let failed = false;
for (const subject of subjects) {
  console.log(`\n— ${subject}`);
  const { status } = spawnSync('npx', ['--no-install', 'stryker', 'run'], {
    stdio: 'inherit',
    env: { ...process.env, LUPIN_MUTATE: subject, LUPIN_MUTATION: '1', ...(own && { LUPIN_OWN: '1' }) },
  });
  failed ||= status !== 0;
}
process.exit(failed ? 1 : 0);
