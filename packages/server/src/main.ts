import { existsSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { readConfig } from './config';
import { startServer } from './server';

/** What a person should read when starting fails, in one sentence. */
function plainReason(error: unknown, port: number, folder: string): string {
  const { code, message } = error as NodeJS.ErrnoException;
  if (code === 'EADDRINUSE') return `Port ${port} is taken by another program; set AMBER_LADLE_PORT to a free one.`;
  if (code === 'EACCES' || code === 'EROFS' || code === 'EPERM' || /readonly|unable to open/i.test(message))
    return `The data folder ${folder} cannot be written; set AMBER_LADLE_DATA to one that can.`;
  if (/not a database|malformed/i.test(message))
    return `The file in ${folder} is not a readable database; move it away or restore the copy beside it.`;
  return `Amber Ladle could not start: ${message}`;
}

const here = dirname(fileURLToPath(import.meta.url));
const webFolder = join(here, '..', '..', 'web', 'dist');

let config;
try {
  config = readConfig(process.env, existsSync(join(webFolder, 'index.html')) ? webFolder : undefined);
  const running = await startServer(config);
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
