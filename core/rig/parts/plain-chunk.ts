import { lengthMFromIn, mmFromLengthM } from '../../units/units';
import { uncutTrailer } from './schema';

/** The yardstick of falls: a plain 3 in chunk, threaded flat. Anglers know how it falls and hangs behind any head. */
export const PLAIN_CHUNK = uncutTrailer({
  kind: 'chunk',
  lengthMm: mmFromLengthM(lengthMFromIn(3)),
  softness: 'medium',
  colour: 'green pumpkin',
});
