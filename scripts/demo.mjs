// npm run demo [-- --fresh]: Osier Bank, a made-up household, on a clock that can be stepped.
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuild, ensureModules, follow, ROOT, startServer } from './lib.mjs';

const database = join(ROOT, 'data', 'demo.db');
if (process.argv.includes('--fresh'))
  for (const end of ['', '-wal', '-shm']) rmSync(database + end, { force: true });
ensureModules();
ensureBuild();
const { child } = await startServer({
  CROCKLE_DEMO: '1',
  CROCKLE_DATABASE: database,
  CROCKLE_LOG: process.env.CROCKLE_LOG ?? 'warn'
});
console.log(
  'The demo opens on Saturday 12 September 2026, 8:10. Ctrl-C ends it; what you entered stays. --fresh begins again.'
);
follow(child);
