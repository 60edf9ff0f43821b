import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { basisOf, Plan, type Occasion } from '../src/model/index.ts';
import { makePlan } from '../src/plan/index.ts';
import { parse } from 'valibot';

const kept = join(__dirname, 'plans');

/**
 * A plan for tests that need one and are not about how it is made: kept by what it rests on, so that nothing is searched twice. Where none is
 * kept it is made; `npm run plans` makes all of them anew.
 *
 * @throws where there is no plan
 */
export function planned(occasion: Occasion): Plan {
  const file = join(kept, `${basisOf(occasion)}.json`);
  if (existsSync(file)) return parse(Plan, JSON.parse(readFileSync(file, 'utf8')));
  const result = makePlan(occasion, { seconds: 0.2 });
  if (result.kind === 'none') throw new Error(`${result.reason.what} ${result.reason.why}`);
  if (process.env['LUPIN_PLANS'] === 'keep') {
    mkdirSync(kept, { recursive: true });
    writeFileSync(file, `${JSON.stringify(result.plan)}\n`);
  }
  return result.plan;
}
