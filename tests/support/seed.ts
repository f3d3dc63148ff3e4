import fc from 'fast-check';

// One seed for the run, printed, so that a red property can be run again: SEED=… npm run unit
const seed = Number(process.env.SEED ?? Date.now() % 2 ** 31);
fc.configureGlobal({ seed, numRuns: 200 });
if (!process.env.SEED) console.log(`fast-check seed ${seed}`);
