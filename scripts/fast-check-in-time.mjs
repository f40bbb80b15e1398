// fast-check as tests get it: a property that fails is made smaller for as long as a test may take at most, and then told as it is.
import fc from '../node_modules/fast-check/lib/fast-check.js';

/** Time a property may take, ms: less than Jest gives a test, which cannot stop one that computes. */
const IN_TIME_MS = 150_000;

fc.configureGlobal({ interruptAfterTimeLimit: IN_TIME_MS, markInterruptAsFailure: true });

export default fc;
