import fc from 'fast-check';

/** Random tests begin with the seed that the run printed, so that they can be tried again as they were. */
const seed = Number(process.env.TEST_SEED);
if (process.env.TEST_SEED) fc.configureGlobal({ ...fc.readConfigureGlobal(), seed });
