import base from './jest.config.mjs';

/** The tests that are over in a minute, to run while working. What searches for plans, moves many or starts a server is left to `npm test`. */
const slow = [
  'core/src/(schedule/schedule|audit/mutants|whatif/|day/properties|day/day|ledger/ledger|gather/)',
  'core/src/(plan/wishes|plan/dishwasher|plan/cold|scale/vessels|chances/chances|recipes/fuzz|planner/)',
  'server/src/(day|api|sharing|after|devices)',
];
export default {
  ...base,
  projects: base.projects.map((project) => ({ ...project, testPathIgnorePatterns: ['/node_modules/', ...slow] })),
};
