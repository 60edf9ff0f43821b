/** npm run mutation -- [room ...]: mutation testing of rooms of the core, by default those that judge and follow residues. */
import { spawnSync } from 'node:child_process';

const named = process.argv.slice(2);
const rooms = named.length > 0 ? named : ['audit', 'fit', 'exposure', 'ledger', 'state'];
let failed = false;
for (const room of rooms) {
  console.log(`\n— ${room}`);
  const { status } = spawnSync('npx', ['--no-install', 'stryker', 'run'], {
    stdio: 'inherit',
    env: { ...process.env, LUPIN_ROOMS: room, LUPIN_MUTATION: '1' },
  });
  failed ||= status !== 0;
}
process.exit(failed ? 1 : 0);
