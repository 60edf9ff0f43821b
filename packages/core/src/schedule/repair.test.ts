import { demo } from '../../test-support/demo.ts';
import { fit } from '../fit/index.ts';
import { seeded } from '../numbers/index.ts';
import { compile } from '../plan/compile.ts';
import { knownOf, makePlan } from '../plan/make.ts';
import { spareOf } from '../plan/spare.ts';
import { tasksOf } from '../tasks/index.ts';
import type { Leaning } from './decode.ts';
import { keep } from './keep.ts';
import { groundOf } from './moves.ts';
import { prepare } from './prepare.ts';
import { repair } from './repair.ts';

const nothingLeans = (size: number): Leaning => ({
  lean: new Float64Array(size),
  early: new Float64Array(size),
  ways: new Uint8Array(size),
  who: new Int8Array(size).fill(-1),
  byHand: new Uint8Array(size),
  patienceMin: 15,
});

test('what is put together anew stands at whole minutes', () => {
  const one = demo('sunday-lunch');
  const problem = compile(one, tasksOf(one, fit(one)));
  const ground = groundOf(prepare(problem));
  const size = problem.activities.length;
  const leaning = nothingLeans(size);
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

test('a plan at hand is put back whole, with minutes to spare behind its steps or without', () => {
  const one = demo('lantern-supper');
  const network = tasksOf(one, fit(one));
  for (const spare of [undefined, { usual: 0.24 }]) {
    const made = makePlan(one, { seconds: 0, firstSeconds: 8, spare });
    if (made.kind === 'none') throw new Error(made.reason.what);
    const spared = spare && spareOf(network, spare);
    const problem = compile(one, network, spared);
    const known = knownOf(one, network.tasks, made.plan, -Infinity, spared);
    const size = problem.activities.length;
    const ways = new Uint8Array(size);
    for (const { activity, way } of known.placed) ways[activity] = way;
    const { open } = keep(prepare(problem), { ...nothingLeans(size), ways }, known, new Set());
    expect(open.map((index) => problem.activities[index]!.id)).toEqual([]);
  }
});
