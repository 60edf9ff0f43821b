import Sequencer from '@jest/test-sequencer';

/** Tests that search for plans, move many, read hundreds of texts or start a server: left out while working, begun first when all are run. */
export const slow = [
  'core/src/(planner/|schedule/schedule|audit/mutants|whatif/|day/properties|day/day|ledger/ledger|gather/)',
  'core/src/(plan/wishes|plan/planted|plan/dishwasher|plan/cold|scale/vessels|chances/chances|chances/sure|state/kitchen)',
  'core/src/(recipes/fuzz|recipes/procedures|recipes/readRecipe|recipes/lines|recipes/stepMark|adapt/swaps|tasks/taken)',
  'server/src/(day|api|sharing|after|devices)',
];

const isSlow = ({ path }) => slow.some((pattern) => new RegExp(pattern).test(path));

/** Begins with what takes long, so that no core is left waiting for it at the end: where nothing was run before, Jest goes by size. */
export default class SlowFirst extends Sequencer {
  sort(tests) {
    const sorted = super.sort(tests);
    return [...sorted.filter(isSlow), ...sorted.filter((test) => !isSlow(test))];
  }
}
