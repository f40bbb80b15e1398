import tests from '../jest.config.js';

/** Jest as mutants of the core meet it: the tests of their own rooms, told by `scripts/mutants.mjs`, since slow ones are run once for each. */
const rooms = (process.env['MUTANTS_TESTS'] ?? 'core').split(',');
export default { ...tests, rootDir: '..', roots: rooms.map((room) => `<rootDir>/${room}`) };
