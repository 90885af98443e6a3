import { spawn, type ChildProcess } from 'node:child_process';

export const PORT = Number(process.env.TORTURE_PORT ?? 3391);
export const BASE = `http://127.0.0.1:${PORT}`;

/** Serves the build while something is done with it. */
export async function served<T>(work: () => Promise<T>): Promise<T> {
  const server: ChildProcess = spawn(
    'npx',
    ['next', 'start', '-H', '127.0.0.1', '-p', String(PORT)],
    {
      stdio: 'ignore',
      detached: true,
      env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' },
    },
  );
  try {
    for (let tries = 0; tries < 100; tries++) {
      if (
        await fetch(`${BASE}/own`).then(
          ({ ok }) => ok,
          () => false,
        )
      )
        return await work();
      await new Promise((resolve) => setTimeout(resolve, 200));
    }
    throw new Error('The server did not come up: npm run build first.');
  } finally {
    const gone = new Promise((resolve) => server.once('exit', resolve));
    if (server.pid) process.kill(-server.pid);
    await gone;
  }
}
