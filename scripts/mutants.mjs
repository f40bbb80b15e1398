// npm run mutants [room …]: breaks the core line by line and tells which breaks no test of the room notices. Hours, so not part of npm test.
import { run } from './ensure.mjs';

/** Rooms whose every line is to be held by a test, with the tests that hold it. */
const ROOMS = {
  motion: ['core/motion'],
  hold: ['core/hold'],
  bench: ['core/bench'],
  'advice/search': ['core/advice/search'],
};
const asked = process.argv.slice(2);
const rooms = asked.length > 0 ? asked : Object.keys(ROOMS);
let failed = 0;
for (const room of rooms) {
  if (!(room in ROOMS)) {
    console.error(`pandero: no room ${room}; there are ${Object.keys(ROOMS).join(', ')}`);
    process.exit(2);
  }
  const mutate = `core/${room}/**/*.ts,!core/**/*.test.ts`;
  const report = `test-results/mutants-${room.replace('/', '-')}.json`;
  const status = run('node_modules/.bin/stryker', ['run', '--mutate', mutate], {
    stdio: 'inherit',
    env: { ...process.env, MUTANTS_TESTS: ROOMS[room].join(','), MUTANTS_REPORT: report },
  });
  if (status !== 0) failed++;
}
process.exitCode = failed === 0 ? 0 : 1;
