import jest from './jest.config.mjs';

/**
 * Mutation testing of the rooms where a rule that is lost could hurt somebody: `npm run mutation -- audit fit/checks.ts`. Each is held against
 * the tests of its own room, for a rule whose deletion only a far room notices is not tested.
 */
const subject = process.env.LUPIN_MUTATE ?? 'audit';
const [room, file = '**/*.ts'] = subject.split('/');
const tests = process.env.LUPIN_OWN ? file.replace('.ts', '.test.ts') : '**/*.test.ts';
const [core] = jest.projects;

export default {
  testRunner: 'jest',
  plugins: ['@stryker-mutator/jest-runner'],
  mutate: process.env.LUPIN_MUTATE_AT?.split(',') ?? [
    `packages/core/src/${room}/${file}`,
    `!packages/core/src/${room}/**/*.test.ts`,
  ],
  jest: {
    projectType: 'custom',
    enableFindRelatedTests: false,
    config: {
      ...core,
      // The configuration it is laid over has three projects, each of which would run all of this.
      projects: null,
      // That of the configuration stands beside it, and would be looked for in the room's package.
      testSequencer: '@jest/test-sequencer',
      displayName: undefined,
      testTimeout: jest.testTimeout,
      testMatch: [`<rootDir>/src/${room}/${tests}`],
      // What must always hold is tried on hundreds of cases: too long for every mutant, and no rule should hang on it alone.
      testPathIgnorePatterns: ['/node_modules/', 'always\\.test\\.ts$'],
    },
  },
  coverageAnalysis: 'perTest',
  // Words in a message are read by people and not held by tests word for word.
  mutator: { excludedMutations: ['StringLiteral'] },
  ignoreStatic: true,
  reporters: ['progress-append-only', 'clear-text', 'json'],
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
  jsonReporter: { fileName: `test-results/mutation-${subject.replace('/', '-')}.json` },
  tempDirName: 'test-results/stryker',
  ignorePatterns: ['test-results', 'docs', 'e2e', '**/dist', '.lupin*'],
  concurrency: 2,
  timeoutMS: 20_000,
};
