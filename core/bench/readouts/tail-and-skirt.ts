import { HAND_WAG_HZ, pinnedAboveMps, puffRatio, pulseIndex, seeThrough } from '../../motion/skirt-motion';
import { MATCH, tailBeatHz, tailReachM, wagMatch } from '../../motion/tail';
import { around, from, OFF, type LookedAt, type ReadoutRow } from './readout';

/** Beat the skirt follows, Hz: the tail's, or the hand's where no tail beats. */
function beatHz({ body: { trailer }, onsetMps, speedMps }: LookedAt): number {
  const tailHz = trailer === null ? null : tailBeatHz(trailer, onsetMps, speedMps);
  return tailHz === null || tailHz === 0 ? HAND_WAG_HZ : tailHz;
}

/** What wags, and what the skirt makes of it. */
export const TAIL_AND_SKIRT_READOUTS = {
  match: {
    unit: 'index',
    scale: { from: 0, to: 2.5 },
    of: ({ rig, body }) => {
      const { index, verdict } = wagMatch(rig.trailer?.kind ?? null, body.trailer, body.head.massKg);
      return {
        value: index,
        band: around(index, OFF.match),
        good: index === null ? null : [MATCH.matchedFrom / MATCH.middle, MATCH.matchedTo / MATCH.middle],
        word: verdict,
      };
    },
  },
  pulse: {
    unit: 'hundred',
    scale: { from: 0, to: 100 },
    of: (at) => {
      const { skirt } = at.body;
      const pulse = skirt && pulseIndex(skirt, beatHz(at), at.medium.densityKgM3);
      return { value: pulse, band: around(pulse, OFF.pulse, 100), good: null };
    },
  },
  puff: {
    unit: 'index',
    scale: { from: 1, to: 8 },
    of: ({ body: { skirt }, speedMps, medium }) => {
      const puff = skirt && puffRatio(skirt, speedMps, medium.densityKgM3);
      return { value: puff, band: around(puff, OFF.puff), good: null };
    },
  },
  'see-through': {
    unit: 'share',
    scale: { from: 0, to: 1 },
    of: ({ body: { skirt }, medium }) => {
      const clear = skirt && seeThrough(skirt, medium.densityKgM3);
      return { value: clear, band: around(clear, OFF.seeThrough, 1), good: null };
    },
  },
  pinned: {
    unit: 'speed',
    scale: { from: 0.05, to: 2.5, log: true },
    of: ({ rig, body: { skirt, trailer }, speedMps, medium }) => {
      const pinned =
        skirt && rig.trailer && trailer
          ? pinnedAboveMps(skirt, tailReachM(rig.trailer.kind, trailer), trailer.lengthM, medium.densityKgM3)
          : null;
      return { value: pinned, band: around(pinned, OFF.pinned), good: pinned === null ? null : from(speedMps) };
    },
  },
} as const satisfies Readonly<Record<string, ReadoutRow>>;
