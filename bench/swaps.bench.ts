import { swapCases } from '../packages/core/test-support/swaps/cases.ts';
import { scoreSwap, type SwapScore } from '../packages/core/test-support/swaps/score.ts';

// With a number: what went wrong in the cases to work with. What is unseen is only ever counted.
const shown = process.argv[2] !== undefined;
const parts = [
  [...swapCases('seen'), ...swapCases('seen-2'), ...swapCases('seen-3'), ...swapCases('seen-4')],
  swapCases('unseen'),
].map((cases) => cases.map(scoreSwap));
if (shown)
  for (const score of parts[0]!) {
    const faults = [
      score.isJobRight ? [] : [`is “${score.job}”, not “${score.case.job}”`],
      score.isFirstRight ? [] : [score.isAnyRight ? 'first is not acceptable' : 'none is acceptable'],
      score.forbidden.map((each) => `never: ${each}`),
    ].flat();
    if (faults.length > 0)
      console.log(
        `\n  ${score.case.dish}: ${score.case.line} [${score.case.needs.join(', ')}]\n${faults.map((each) => `    ${each}`).join('\n')}\n    offered: ${score.offered.join(', ')}`,
      );
  }
const percent = (part: readonly SwapScore[], is: (score: SwapScore) => boolean) =>
  `${((100 * part.filter(is).length) / part.length).toFixed(1)} %`;
const row = (name: string, figure: (part: readonly SwapScore[]) => string) =>
  console.log(`  ${name.padEnd(24)}${parts.map((part) => figure(part).padStart(12)).join('')}`);
row('', (part) => `${part === parts[0] ? 'seen' : 'unseen'} ${part.length}`);
row('job right', (part) => percent(part, ({ isJobRight }) => isJobRight));
row('acceptable first', (part) => percent(part, ({ isFirstRight }) => isFirstRight));
row('any acceptable', (part) => percent(part, ({ isAnyRight }) => isAnyRight));
row('forbidden offered', (part) => percent(part, ({ forbidden }) => forbidden.length > 0));
