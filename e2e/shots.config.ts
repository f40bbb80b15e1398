import base from '../playwright.config';

/** `npm run docs:shots`: the pictures of the README, from the demo world. */
export default {
  ...base,
  testDir: '.',
  testMatch: '**/shots.ts',
  webServer: [base.webServer ?? []].flat().map((server) => ({ ...server, cwd: '..' })),
  reporter: 'list',
  workers: 1,
  projects: base.projects!.filter(({ name }) => name === 'desk').map(({ dependencies: _first, ...project }) => project),
};
