const transform = {
  '^.+\\.tsx?$': [
    '@swc/jest',
    {
      jsc: {
        target: 'es2022',
        parser: { syntax: 'typescript', tsx: true },
        transform: { react: { runtime: 'automatic' } },
      },
      module: { type: 'commonjs' },
    },
  ],
};
const project = (name) => ({
  displayName: name,
  rootDir: `packages/${name}`,
  testEnvironment: 'node',
  // The web tests stand in for the browser's own globals, which the store goes on using to the end; workers serve all projects.
  testEnvironmentOptions: { globalsCleanup: 'off' },
  transform,
  // In its sandbox each of these would be looked up through an interceptor: a search for plans takes nearly twice as long.
  sandboxInjectedGlobals: [
    'Math',
    'Map',
    'Set',
    'Object',
    'Array',
    'Number',
    'String',
    'JSON',
    'Infinity',
    'Boolean',
    'RegExp',
    'Error',
    'WeakMap',
  ],
  // A test that asserts nothing cannot fail.
  setupFilesAfterEnv: ['<rootDir>/../core/test-support/assertions.ts'],
  extensionsToTreatAsEsm: [],
  moduleNameMapper: { '^@lupin/core$': '<rootDir>/../core/src/index.ts' },
});
// Some tests plan a whole supper: on a busy machine that takes a while.
export default {
  projects: ['core', 'server', 'web'].map(project),
  testTimeout: 60_000,
  testSequencer: '<rootDir>/jest.slow.mjs',
};
