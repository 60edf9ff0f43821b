import base from './jest.config.mjs';
import { slow } from './jest.slow.mjs';

/** The tests that are over in a minute, to run while working; the others are left to `npm test`. */
export default {
  ...base,
  projects: base.projects.map((project) => ({ ...project, testPathIgnorePatterns: ['/node_modules/', ...slow] })),
};
