// npm start: the household's own, at first empty, database and the real clock.
import { ensureBuild, ensureModules, follow, startServer } from './lib.mjs';

ensureModules();
ensureBuild();
const { child } = await startServer({ CROCKLE_DEMO: '0' });
follow(child);
