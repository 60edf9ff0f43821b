import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { pairsOf, type Outcome } from '../../test-support/facts/judged.ts';

/**
 * Names and what is in them, written by hand. The shares may only fall: `npm run bench -- facts 1` says which pairs they are. The facts were
 * mended by `names`, `seconds` and at last `unseen`; `fresh` is only counted.
 */
test.each([
  ['names', 0.01, 0.006, 0.1],
  ['seconds', 0.01, 0.006, 0.1],
  ['unseen', 0.025, 0.006, 0.2],
  ['fresh', 0.022, 0.004, 0.08],
])('%s: wrongly clear, wrongly conflict, needless check', (file, clear, conflict, needless) => {
  const pairs = pairsOf(readFileSync(join(import.meta.dirname, `../../test-support/facts/${file}.txt`), 'utf8'));
  const share = (outcome: Outcome, of = pairs.length) => pairs.filter((pair) => pair.outcome === outcome).length / of;
  expect(pairs.length).toBeGreaterThan(2000);
  expect(share('wrongly clear')).toBeLessThan(clear);
  expect(share('wrongly conflict')).toBeLessThan(conflict);
  expect(share('needless check', pairs.filter(({ truth }) => truth === 'never').length)).toBeLessThan(needless);
});
