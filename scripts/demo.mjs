// npm run demo: installs what is missing, builds, and serves with the demo bench in front.
import { createServer } from 'node:net';
import { build, ensurePackages, HOST, serve } from './ensure.mjs';

const port = Number(process.env.PORT ?? 3000);
if (!Number.isInteger(port) || port < 1 || port > 65535) {
  console.error(`PORT is “${process.env.PORT}”; it must be a number from 1 to 65535.`);
  process.exit(1);
}

const taken = await new Promise((resolve) => {
  const probe = createServer();
  probe.once('error', () => resolve(true));
  probe.listen(port, () => probe.close(() => resolve(false)));
});
if (taken) {
  console.error(
    `Port ${port} is taken. Stop what uses it, or choose another: PORT=3001 npm run demo`,
  );
  process.exit(1);
}

ensurePackages();
build();
console.log(`\nLucky Sheet is at http://localhost:${port} (Ctrl C stops it)\n`);
if (HOST !== '127.0.0.1') console.log(`HOST=${HOST}: others on your network can open it too.\n`);
serve('start', port, { LUCKY_SHEET_BENCH: 'demo' });
