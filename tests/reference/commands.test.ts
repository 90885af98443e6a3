/** The commands of the README, as far as they can be tried without building anything. */
import { spawnSync } from 'node:child_process';
import { createServer } from 'node:net';

const command = (script: string, args: string[] = [], env: Record<string, string> = {}) =>
  spawnSync('node', [`scripts/${script}.mjs`, ...args], {
    env: { ...process.env, ...env },
    encoding: 'utf8',
  });

test('npm run demo says so when its port is taken', async () => {
  const taken = createServer();
  await new Promise<void>((resolve) => taken.listen(0, resolve));
  const address = taken.address();
  const port = typeof address === 'object' && address ? address.port : 0;
  const { status, stderr } = command('demo', [], { PORT: String(port) });
  taken.close();
  expect(status).toBe(1);
  expect(stderr).toContain(`Port ${port} is taken. Stop what uses it, or choose another`);
});

test.each(['eighty', '0', '99999', '3000.5'])('npm run demo refuses PORT=%s', (PORT) => {
  const { status, stderr } = command('demo', [], { PORT });
  expect(status).toBe(1);
  expect(stderr).toContain(`PORT is “${PORT}”; it must be a number from 1 to 65535.`);
});

test('a part of the tests that does not exist is named, with those that do', () => {
  const { status, stderr } = command('test', ['speed']);
  expect(status).toBe(1);
  expect(stderr).toMatch(
    /no part “speed”\. Parts: format, lint, types, imports, unit, reference, browser, torture\./,
  );
});
