import { existsSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { readConfig } from './config';
import { plainReason } from './plainReason';
import { startServer } from './server';

const here = dirname(fileURLToPath(import.meta.url));
const webFolder = join(here, '..', '..', 'web', 'dist');

// What this makes is for this user alone: the household, its copies, what is unpacked on the way.
process.umask(0o077);

let config;
try {
  config = readConfig(process.env, existsSync(join(webFolder, 'index.html')) ? webFolder : undefined);
  const running = await startServer(config, join(here, 'beside.js'));
  process.stdout.write(`\nAmber Ladle is ready: ${running.address}\n\n`);
  let stopping = false;
  for (const signal of ['SIGINT', 'SIGTERM'] as const)
    process.on(signal, () => {
      if (stopping) return;
      stopping = true;
      void running.stop().then(() => process.exit(0));
    });
} catch (error) {
  process.stderr.write(`${plainReason(error, config?.port ?? 0, config?.dataFolder ?? '')}\n`);
  process.exit(1);
}
