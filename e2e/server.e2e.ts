import { spawn, spawnSync } from 'node:child_process';
import { request } from 'node:http';
import { createServer, type AddressInfo } from 'node:net';
import { expect, test } from '@playwright/test';
import { DESK } from './fixtures';

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

test('listens on this machine alone and says where', DESK, async () => {
  await started(['--port', '4391', '--open', '/#/pick'], async (address, stderr) => {
    expect(address).toBe('http://127.0.0.1:4391/#/pick');
    expect(stderr()).toBe('');
    expect((await fetch('http://127.0.0.1:4391/')).status).toBe(200);
  });
});

test('a taken port: the next one is used, a port that was asked for is explained', DESK, async () => {
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

test('opening it to others is said aloud', DESK, async () => {
  await started(['--port', '4393', '--host', '0.0.0.0'], async (_address, stderr) => {
    expect(stderr()).toContain('anybody who reaches this machine can open the app');
  });
});

test('options that make no sense are explained', DESK, () => {
  expect(serve('--port', 'x')).toMatchObject({ status: 2, stderr: expect.stringContaining('--port needs a number') });
  expect(serve('--host')).toMatchObject({ status: 2, stderr: expect.stringContaining('--host needs an address') });
});

test('told to stop, it is gone within two seconds, pages that listen notwithstanding', DESK, async () => {
  const scale = createServer((socket) => {
    socket.on('error', () => undefined);
    const writes = setInterval(() => socket.write('9.4 g\n'), 50);
    socket.on('close', () => clearInterval(writes));
  });
  await new Promise<void>((resolve) => scale.listen(0, '127.0.0.1', resolve));
  const { port } = scale.address() as AddressInfo;
  const server = spawn(process.execPath, [SERVE, '--port', '4396', '--scale', String(port)]);
  await new Promise<void>((resolve) => server.stdout.once('data', () => resolve()));
  const heard = await Promise.all(
    Array.from({ length: 5 }, async () => (await fetch('http://127.0.0.1:4396/api/scale')).body!.getReader()),
  );
  await heard[0]!.read();
  const asked = Date.now();
  const gone = new Promise<number | null>((resolve) => server.once('exit', (code) => resolve(code)));
  server.kill('SIGTERM');
  expect(await gone).toBe(0);
  expect(Date.now() - asked).toBeLessThan(2000);
  scale.close();
});

test('names it was not told are not answered, ports that cannot be are refused', DESK, async () => {
  const asked = (host: string): Promise<number> =>
    new Promise((resolve, reject) => {
      const ask = request({ host: '127.0.0.1', port: 4397, path: '/', headers: { host } }, (reply) => {
        reply.resume();
        resolve(reply.statusCode ?? 0);
      });
      ask.on('error', reject);
      ask.end();
    });
  await started(['--port', '4397', '--name', 'mere.test', '--name', 'weir.test'], async () => {
    expect(await Promise.all(['127.0.0.1:4397', 'localhost', 'mere.test', 'weir.test:4397'].map(asked))).toEqual([
      200, 200, 200, 200,
    ]);
    expect(await Promise.all(['evil.test', '169.254.169.254', 'mere.test.evil.test'].map(asked))).toEqual([
      421, 421, 421,
    ]);
  });
  for (const [option, value] of [
    ['--port', '0'],
    ['--port', '65536'],
    ['--port', '8080x'],
    ['--scale', '0'],
    ['--scale', '127.0.0.1:70000'],
    ['--name', 'a b'],
    ['--moon', '1'],
  ] as const) {
    expect(serve(option, value), `${option} ${value}`).toMatchObject({
      status: 2,
      stderr: expect.stringContaining(option),
    });
  }
});

test('a scale whose place is taken goes elsewhere, and says where', DESK, async () => {
  const holder = createServer();
  await new Promise<void>((resolve) => holder.once('error', () => resolve()).listen(4331, '127.0.0.1', resolve));
  const scale = spawn(process.execPath, ['dist-server/scale.js']);
  try {
    const port = await new Promise<number>((resolve) =>
      scale.stdout.once('data', (data: Buffer) => resolve(Number(data.toString()))),
    );
    expect(port).toBeGreaterThan(1023);
    expect(port).not.toBe(4331);
  } finally {
    scale.kill();
    holder.close();
  }
});
