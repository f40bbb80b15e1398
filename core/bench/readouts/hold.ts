import { GUARD_BAND, GUARD_MEASURED_BAND, STIFF_N } from '../../hold/guard';
import { FREE_GAP_MM, rollUp } from '../../hold/hook-point';
import { keeperSlipMps } from '../../hold/keeper';
import { blowOverMps, uprightOnContact } from '../../motion/roll';
import { hunting } from '../../motion/vanes';
import { lengthMFromMm } from '../../units/units';
import { around, from, OFF, upTo, within, type ReadoutRow } from './readout';

/** How it holds itself, and how it holds plastic and fish. */
export const HOLD_READOUTS = {
  hunting: {
    unit: 'share',
    scale: { from: 0, to: 1 },
    of: ({ body, medium }) => {
      const darts = hunting(body, medium);
      const share = darts?.share ?? null;
      return {
        value: share,
        band: around(share, OFF.hunting, 1),
        good: null,
        ...(darts?.wild ? { word: 'wild' as const } : {}),
      };
    },
  },
  'blow-over': {
    unit: 'speed',
    scale: { from: 0.2, to: 4, log: true },
    of: ({ body, medium, speedMps }) => {
      const limit = blowOverMps(body, medium);
      return { value: limit, band: around(limit, OFF.blowOver), good: limit === null ? null : from(speedMps) };
    },
  },
  upright: {
    unit: 'share',
    scale: { from: 0, to: 1 },
    of: ({ rig, body }) => {
      const upright = rig.family === 'skirted' ? uprightOnContact(body, rig.trailer?.orientation === 'edge') : null;
      return { value: upright, band: around(upright, OFF.upright, 1), good: null };
    },
  },
  'free-gap': {
    unit: 'length',
    scale: { from: lengthMFromMm(-3), to: lengthMFromMm(17) },
    of: ({ rig, hook }) => {
      const gapM = rig.trailer && hook.exitMm === null ? null : lengthMFromMm(hook.freeGapMm);
      return {
        value: gapM,
        band: gapM === null ? null : within(gapM, lengthMFromMm(OFF.gapMm)),
        good: from(lengthMFromMm(FREE_GAP_MM)),
      };
    },
  },
  overhang: {
    unit: 'length',
    scale: { from: 0, to: 0.12 },
    of: ({ rig, hook }) => {
      const overhangM = rig.trailer ? lengthMFromMm(hook.overhangMm) : null;
      return {
        value: overhangM,
        band: overhangM === null ? null : within(overhangM, lengthMFromMm(OFF.lengthMm)),
        good: null,
      };
    },
  },
  attack: {
    unit: 'degrees',
    scale: { from: 0, to: 90 },
    of: ({ hook: { attackDeg } }) => ({ value: attackDeg, band: within(attackDeg, OFF.attackDeg), good: null }),
  },
  'roll-up': {
    unit: 'word',
    of: ({ rig, body, guardN }) => ({ value: null, band: null, good: null, word: rollUp(rig, body, guardN ?? 0) }),
  },
  guard: {
    unit: 'force',
    scale: { from: 0, to: 6 },
    of: ({ rig, guardN }) => ({
      value: guardN,
      band: around(guardN, rig.guard?.pushN === undefined ? GUARD_BAND : GUARD_MEASURED_BAND),
      good: rig.family === 'skirted' && guardN !== null ? upTo(STIFF_N) : null,
    }),
  },
  slip: {
    unit: 'speed',
    scale: { from: 0.3, to: 8, log: true },
    of: ({ rig, body, medium, speedMps }) => {
      const slip = keeperSlipMps(rig, body, medium);
      return { value: slip, band: around(slip, OFF.slip), good: slip === null ? null : from(speedMps) };
    },
  },
} as const satisfies Readonly<Record<string, ReadoutRow>>;
