/** Makes the plans anew that tests keep (see packages/core/test-support/planned.ts). */
import { execFileSync } from 'node:child_process';
import { rmSync } from 'node:fs';

rmSync('packages/core/test-support/plans', { recursive: true, force: true });
execFileSync('npx', ['jest', '--silent'], { stdio: 'inherit', env: { ...process.env, LUPIN_PLANS: 'keep' } });
