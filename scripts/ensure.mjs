import { spawn, spawnSync } from 'node:child_process';
import { existsSync, statSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

export const ROOT = fileURLToPath(new URL('..', import.meta.url));

/** Runs a command in the project with its output shown; returns whether it succeeded. */
export function run(command, args, options = {}) {
  const { status } = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', ...options });
  return status === 0;
}

const older = (path, than) => statSync(path).mtimeMs < statSync(than).mtimeMs;

/** Installs the packages when they are missing or older than the lockfile. */
export function ensurePackages() {
  const stamp = `${ROOT}/node_modules/.package-lock.json`;
  if (existsSync(stamp) && !older(stamp, `${ROOT}/package-lock.json`)) return;
  console.log('Installing packages (npm ci)');
  if (!run('npm', ['ci', '--no-audit', '--no-fund'])) {
    console.error('npm ci failed: the packages could not be installed.');
    process.exit(1);
  }
}

const onPath = (program) => spawnSync('which', [program]).status === 0;

/** Debian packages that the browser and reference tests need, by the program looked for. */
const SYSTEM = { chromium: 'chromium', pdftoppm: 'poppler-utils' };

/** Installs Chromium and Poppler through apt-get where they are missing; says so when it cannot. */
export function ensureSystemTools() {
  const missing = Object.keys(SYSTEM).filter((program) => !onPath(program));
  if (missing.length === 0) return;
  const packages = missing.map((program) => SYSTEM[program]);
  console.log(`Installing ${packages.join(' and ')} (apt-get)`);
  const apt = (...args) =>
    run('apt-get', args, { env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } });
  const done = apt('update', '-q') && apt('install', '-qy', '--no-install-recommends', ...packages);
  if (!done || missing.some((program) => !onPath(program))) {
    console.error(
      `${missing.join(' and ')} could not be installed. Install the Debian packages ${packages.join(', ')} and try again.`,
    );
    process.exit(1);
  }
}

/** Makes the production build; exits when it fails. */
export function build() {
  const env = { ...process.env, NEXT_TELEMETRY_DISABLED: '1' };
  if (run('npm', ['run', '--silent', 'build'], { env })) return;
  console.error('The build failed.');
  process.exit(1);
}

/** The address served at: this machine alone, unless HOST names another (0.0.0.0 for the whole network). */
export const HOST = process.env.HOST || '127.0.0.1';

/** Serves the app until it is stopped, and ends with it. */
export function serve(command, port, env = {}) {
  const server = spawn('npx', ['next', command, '-H', HOST, '-p', String(port)], {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...env },
  });
  server.on('exit', (code) => process.exit(code ?? 0));
}
