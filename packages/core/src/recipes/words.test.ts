import { avoids, evidenceOf } from '../../test-support/judging.ts';
import { line } from '../../test-support/small.ts';
import { wordCases, type WordCase } from '../../test-support/words/read.ts';
import * as v from 'valibot';
import { judge } from '../fit/index.ts';
import { IngredientLine } from '../model/index.ts';
import { readLine } from './line.ts';

/** What a line that was read means to somebody who may have no trace of a hazard. */
const verdictOf = (text: string, hazard: string) => {
  const { food, amount } = readLine(text);
  const read = v.parse(IngredientLine, { ...line('l', food), text, amount });
  return judge(avoids(hazard, 'no-trace'), evidenceOf([read])).verdict;
};

const faultsOf = ({ text, contains, checks, clear }: WordCase) => ({
  lost: [
    ...contains.filter((hazard) => verdictOf(text, hazard) !== 'conflict').map((hazard) => `${text}: holds ${hazard}`),
    ...checks.filter((hazard) => verdictOf(text, hazard) === 'clear').map((hazard) => `${text}: ${hazard} is clear`),
  ],
  alarms: clear
    .filter((hazard) => verdictOf(text, hazard) !== 'clear')
    .map((hazard) => `${text}: ${hazard} is ${verdictOf(text, hazard)}`),
});

/** What was still wrong when this was written down: [lines with a fault, warnings lost, false alarms]. It may only shrink. */
const known = { seen: [1, 2, 0], unseen: [4, 7, 0], fresh: [9, 4, 24], tails: [9, 0, 34] } as const;

test.each(['seen', 'unseen', 'fresh', 'tails'] as const)(
  'lines of many cooks, %s: no warning is lost, and none is false',
  (name) => {
    const cases = wordCases(name);
    const faults = cases.map(faultsOf);
    const lost = faults.flatMap((each) => each.lost);
    const alarms = faults.flatMap((each) => each.alarms);
    const wrong = faults.filter((each) => each.lost.length + each.alarms.length > 0).length;
    console.log(
      `${name}: ${cases.length} lines, ${wrong} with a fault: ${lost.length} lost, ${alarms.length} false alarms`,
    );
    if (process.env['SHOW'] && name !== 'unseen' && name !== 'fresh') console.log([...lost, ...alarms].join('\n'));
    expect(cases.length).toBeGreaterThan(39);
    expect([wrong, lost.length, alarms.length].map((count, at) => count <= known[name][at]!)).toEqual([
      true,
      true,
      true,
    ]);
  },
);
