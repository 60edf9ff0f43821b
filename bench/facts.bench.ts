import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { pairsOf, type Outcome, type Pair } from '../packages/core/test-support/facts/judged.ts';

const share = (some: number, all: number) => `${some} of ${all} (${((100 * some) / Math.max(1, all)).toFixed(1)} %)`;
/** Names that the facts were mended by, and names that were only counted. */
const pairs = ['names', 'seconds', 'unseen', 'fresh'].flatMap((file) => {
  const list = readFileSync(join(process.cwd(), `packages/core/test-support/facts/${file}.txt`), 'utf8');
  const own = pairsOf(list);
  const of = (outcome: Outcome) => own.filter((pair) => pair.outcome === outcome).length;
  const never = own.filter(({ truth }) => truth === 'never').length;
  console.log(`${file}: ${own.length} pairs of a name and a need, written by hand`);
  console.log(`  wrongly clear: ${share(of('wrongly clear'), own.length)}`);
  console.log(`  wrongly conflict: ${share(of('wrongly conflict'), own.length)}`);
  console.log(`  needless check: ${share(of('needless check'), never)} of those that are never in it`);
  console.log(`  only a check of what is always in it: ${of('only a check')}`);
  return file === 'fresh' ? [] : own;
});
const of = (outcome: Outcome) => pairs.filter((pair) => pair.outcome === outcome);
if (process.argv[2] !== undefined) {
  const told = (list: readonly Pair[]) => {
    const byName = new Map<string, string[]>();
    for (const { name, need } of list) byName.set(name, [...(byName.get(name) ?? []), need]);
    for (const [name, list_] of byName) console.log(`    ${name}: ${list_.join(', ')}`);
  };
  for (const outcome of ['wrongly clear', 'wrongly conflict', 'needless check', 'only a check'] as const) {
    console.log(`  ${outcome}`);
    told(of(outcome));
  }
}
