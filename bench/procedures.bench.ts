import { seenCases, unseenCases } from '../packages/core/test-support/procedures/cases.ts';
import { measures, scoreCase } from '../packages/core/test-support/procedures/score.ts';

// With a number: what was read otherwise than drawn in the case of that number, of those to work with. What is unseen is only ever counted.
const wanted = process.argv[2] === undefined ? undefined : Number(process.argv[2]);
const percent = (right: number, asked: number) => (asked === 0 ? '    –' : `${((100 * right) / asked).toFixed(1)} %`);
const seen = seenCases();
const unseen = unseenCases();
if (wanted !== undefined)
  for (const each of wanted === 0 ? seen : seen.slice(wanted - 1, wanted))
    for (const { name, faults } of scoreCase(each))
      console.log(`\n  ${name}\n${faults.map((fault) => `    ${fault}`).join('\n')}`);
const parts = [seen, unseen].map((cases) => cases.flatMap(scoreCase));
const row = (name: string, figure: (part: (typeof parts)[number]) => string) =>
  console.log(`  ${name.padEnd(28)}${parts.map((part) => figure(part).padStart(10)).join('')}`);
row('', (part) => (part === parts[0] ? `seen ${part.length}` : `unseen ${part.length}`));
for (const measure of measures)
  row(measure, (part) => {
    const sum = (pick: 'right' | 'asked') => part.reduce((total, { shares }) => total + shares[measure][pick], 0);
    return percent(sum('right'), sum('asked'));
  });
const total = (part: (typeof parts)[number], pick: (each: (typeof part)[number]) => number) =>
  part.reduce((sum, each) => sum + pick(each), 0);
row('edges, precision', (part) =>
  percent(
    total(part, ({ edges }) => edges.both),
    total(part, ({ edges }) => edges.read),
  ),
);
row('edges, recall', (part) =>
  percent(
    total(part, ({ edges }) => edges.both),
    total(part, ({ edges }) => edges.drawn),
  ),
);
row('edges, F1', (part) => {
  const both = total(part, ({ edges }) => edges.both);
  return ((2 * both) / (total(part, ({ edges }) => edges.read) + total(part, ({ edges }) => edges.drawn))).toFixed(3);
});
row('false steps a recipe', (part) => (total(part, ({ falseSteps }) => falseSteps) / part.length).toFixed(2));
row('“can hurt”', (part) => String(total(part, ({ dangers }) => dangers)));
row('“odd”', (part) => String(total(part, ({ odd }) => odd)));
