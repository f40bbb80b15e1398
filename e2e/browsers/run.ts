import { spawn } from 'node:child_process';
import { startFirefox } from './firefox';
import { walk } from './walk';
import { startWebKit } from './webkit';

/** Walks the main journey in browsers of other engines than the tests use. */
const PORT = 4376;
const PICTURES = 'test-results/browsers';
const server = spawn(process.execPath, ['dist-server/serve.js', '--port', String(PORT)], {
  stdio: ['ignore', 'pipe', 'inherit'],
});
await new Promise<void>((resolve) => server.stdout.once('data', () => resolve()));

const say = (text: string): void => void process.stdout.write(`pandero: ${text}\n`);
let failed = 0;
const wanted = process.argv.slice(2);
for (const [name, start] of [
  ['firefox', startFirefox],
  ['webkit', startWebKit],
] as const) {
  if (wanted.length > 0 && !wanted.includes(name)) continue;
  const driver = await start();
  try {
    const pictures = await walk(driver, `http://127.0.0.1:${PORT}`, PICTURES);
    say(`${driver.name}: the whole journey, ${pictures.length} pictures in ${PICTURES}/`);
  } catch (error) {
    failed++;
    await driver.picture(`${PICTURES}/${name}-stopped.png`).catch(() => undefined);
    say(error instanceof Error ? (error.stack ?? error.message) : String(error));
  } finally {
    await driver.close();
  }
}
server.kill();
say(`${failed === 0 ? 'both engines walk it through' : `${failed} stopped on the way`}`);
process.exitCode = failed === 0 ? 0 : 1;
