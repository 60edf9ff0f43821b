import { demo } from '../../test-support/demo.ts';
import { fit } from '../fit/index.ts';
import { seeded } from '../numbers/index.ts';
import { compile } from '../plan/compile.ts';
import { tasksOf } from '../tasks/index.ts';
import { groundOf } from './moves.ts';
import { prepare } from './prepare.ts';
import { repair } from './repair.ts';

test('what is put together anew stands at whole minutes', () => {
  const one = demo('sunday-lunch');
  const problem = compile(one, tasksOf(one, fit(one)));
  const ground = groundOf(prepare(problem));
  const size = problem.activities.length;
  const leaning = {
    lean: new Float64Array(size),
    early: new Float64Array(size),
    ways: new Uint8Array(size),
    who: new Int8Array(size).fill(-1),
    byHand: new Uint8Array(size),
    patienceMin: 15,
  };
  let found = 0;
  for (let seed = 1; seed <= 12; seed++) {
    const run = repair(ground, seeded(seed), 60_000, leaning, { placed: [], washes: [] });
    let next = run.next();
    while (!next.done) next = run.next();
    if (!next.value) continue;
    found++;
    const { placed, washes } = next.value.result;
    const moments = [...placed, ...washes].flatMap(({ startMin, endMin }) => [startMin, endMin]);
    expect(moments.filter((each) => !Number.isInteger(each))).toEqual([]);
  }
  expect(found).toBeGreaterThan(3);
});
