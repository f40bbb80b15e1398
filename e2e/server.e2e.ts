import { spawn, spawnSync } from 'node:child_process';
import { createServer } from 'node:net';
import { expect, test } from '@playwright/test';

const SERVE = 'dist-server/serve.js';

interface Answer {
  readonly status: number | null;
  readonly stderr: string;
}
const serve = (...args: string[]): Answer => {
  const done = spawnSync(process.execPath, [SERVE, ...args], { encoding: 'utf8', timeout: 30_000 });
  return { status: done.status, stderr: done.stderr };
};

/** Starts a server, waits for its line, and hands it over; it is stopped afterwards. */
async function started(args: string[], then: (address: string, stderr: () => string) => Promise<void>): Promise<void> {
  const server = spawn(process.execPath, [SERVE, ...args]);
  let stderr = '';
  server.stderr.on('data', (chunk: Buffer) => (stderr += chunk.toString()));
  try {
    const address = await new Promise<string>((resolve, reject) => {
      server.stdout.once('data', (chunk: Buffer) => resolve(chunk.toString().trim()));
      server.once('exit', () => reject(new Error(stderr)));
    });
    await then(address, () => stderr);
  } finally {
    server.kill();
  }
}

test.skip(({ viewport }) => viewport?.width !== 1280, 'the server has no viewport');

test('listens on this machine alone and says where', async () => {
  await started(['--port', '4391', '--open', '/#/pick'], async (address, stderr) => {
    expect(address).toBe('http://127.0.0.1:4391/#/pick');
    expect(stderr()).toBe('');
    expect((await fetch('http://127.0.0.1:4391/')).status).toBe(200);
  });
});

test('a taken port: the next one is used, a port that was asked for is explained', async () => {
  const holder = createServer();
  // held by us, or by somebody's running demo: taken it is either way
  await new Promise<void>((resolve) => holder.once('error', () => resolve()).listen(4310, '127.0.0.1', resolve));
  try {
    expect(serve('--port', '4310')).toMatchObject({ status: 2, stderr: expect.stringContaining('port 4310 is taken') });
    await started([], async (address) => expect(address).toMatch(/:43(1[1-9]|[23]\d)\/$/));
  } finally {
    holder.close();
  }
});

test('opening it to others is said aloud', async () => {
  await started(['--port', '4393', '--host', '0.0.0.0'], async (_address, stderr) => {
    expect(stderr()).toContain('anybody who reaches this machine can open the app');
  });
});

test('options that make no sense are explained', () => {
  expect(serve('--port', 'x')).toMatchObject({ status: 2, stderr: expect.stringContaining('--port needs a number') });
  expect(serve('--host')).toMatchObject({ status: 2, stderr: expect.stringContaining('--host needs an address') });
});
