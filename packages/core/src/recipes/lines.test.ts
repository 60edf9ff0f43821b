import { lineCases, lineFaults } from '../../test-support/lines/judged.ts';

test.each([
  ['seen', 0.98],
  ['unseen', 0.92],
] as const)('ingredient lines of many cooks, %s: fully right', (file, least) => {
  const cases = lineCases(file);
  const wrong = cases.flatMap((each) => {
    const faults = lineFaults(each);
    return faults.length > 0 ? [`${each.text}: ${faults.join('; ')}`] : [];
  });
  const share = 1 - wrong.length / cases.length;
  process.stdout.write(`lines, ${file}: ${cases.length - wrong.length} of ${cases.length} fully right\n`);
  if (process.env['SHOW'] && file === 'seen') process.stdout.write(`${wrong.join('\n')}\n`);
  expect(share).toBeGreaterThanOrEqual(least);
});
