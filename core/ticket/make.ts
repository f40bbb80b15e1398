import { mediumOf } from '../motion/medium';
import type { Has } from '../advice/measures/rig-measures';
import type { Pick } from '../advice/recommend/advise';
import type { ReeledBands } from '../advice/measures/retrieve-measures';
import { fallReport, SEMI_TIGHT_USUAL } from '../motion/report';
import { rigBody } from '../rig/body/body';
import type { Rig } from '../rig/parts/schema';
import { gFromMassKg, mmFromLengthM } from '../units/units';
import type { Water } from '../water/schema';
import { TICKET_VERSION, type Ticket } from './schema';

const tenth = (value: number): number => Math.round(value * 10) / 10;

/** The numbers a rig was asked for: the others are not written. */
const asked = (has: Has): Ticket['has'] =>
  Object.fromEntries(Object.entries(has).filter(([, value]) => Number.isFinite(value))) as Ticket['has'];

const writtenBands = ({ run, hold }: ReeledBands): NonNullable<Ticket['bands']> => ({
  ...(run ? { run: [...run] } : {}),
  ...(hold ? { hold: [...hold] } : {}),
});

/**
 * Writes the ticket of a pick: everything as it stands now.
 * @param id, madeAt, name  given by the caller, since the core has no clock and no chance; `base` where it was cut at the bench
 */
export function makeTicket(
  pick: Pick,
  water: Water,
  {
    id,
    madeAt,
    name,
    base,
  }: { readonly id: string; readonly madeAt: string; readonly name: string; readonly base?: Rig },
): Ticket {
  const body = rigBody(pick.rig);
  const semiTight = fallReport(pick.rig, mediumOf(water), SEMI_TIGHT_USUAL, water.depthM);
  return {
    id,
    version: TICKET_VERSION,
    madeAt,
    name,
    note: '',
    water,
    rig: pick.rig,
    ...(base ? { base } : {}),
    massG: tenth(gFromMassKg(body.massKg)),
    lengthMm: tenth(mmFromLengthM(body.lengthM)),
    // on a water whose scale nobody sought yet it has none
    score: Number.isFinite(pick.score) ? pick.score : null,
    fall: { ...pick.fall, bandMps: [...pick.fall.bandMps] },
    semiTight: { ...semiTight, bandMps: [...semiTight.bandMps] },
    has: asked(pick.has),
    bands: writtenBands(pick.bands),
    handling: pick.handled.steps.map(({ choice, rule }) => ({ choice, rule })),
    plan: pick.handled.plan,
    ...(pick.handled.askedLine ? { askedLine: pick.handled.askedLine } : {}),
    wants: pick.wants.map(({ inHand: _own, ...want }) => ({ ...want, rules: [...want.rules] })),
    reasons: pick.reasons.map(({ logged, ...reason }) => ({
      ...reason,
      ...(logged ? { logged: { ...logged, band: [...logged.band] } } : {}),
    })),
    // how others fish the same rig is no rig of theirs
    dissent: pick.dissent
      .flatMap(({ base: _came, rule, ...other }) => (rule ? [] : [other]))
      .map((other) => ({
        ...other,
        has: asked(other.has),
        fall: { ...other.fall, bandMps: [...other.fall.bandMps] },
      })),
  };
}
