import * as z from 'zod/mini';
import { rigSchema, shortText } from '../rig/parts/schema';
import { SCHOOL_QUESTIONS, waterSchema } from '../water/schema';
import { CHOICES } from '../advice/handling/handling-rule';
import { lineSchema, planSchema } from '../motion/plan';
import { REELED_WANTS, WANT_IDS, type WantId } from '../advice/rules/rule';

export const TICKET_VERSION = 1;

const fallSchema = z.strictObject({
  speedMps: z.number(),
  bandMps: z.tuple([z.number(), z.number()]),
  secondsToBottom: z.nullable(z.number()),
  fishesLikeOz: z.nullable(z.number()),
  attitudeDeg: z.number(),
  driftMps: z.number(),
});

type Reeled = (typeof REELED_WANTS)[number];
type Always = Exclude<WantId, Reeled>;

/** What was not asked of a rig is absent: nothing is reeled on the bottom, and older tickets know no reeling. */
const hasSchema = z.strictObject(
  Object.fromEntries(
    WANT_IDS.map((id) => [
      id,
      (REELED_WANTS as readonly WantId[]).includes(id) ? z.exactOptional(z.number()) : z.number(),
    ]),
  ) as Record<Always, z.ZodMiniNumber> & Record<Reeled, z.ZodMiniExactOptional<z.ZodMiniNumber>>,
);

const band = z.tuple([z.number(), z.number()]);
/** How sure depth and speed of a reeled rig are; older tickets and rigs on the bottom have none. */
const bandsSchema = z.exactOptional(z.strictObject({ run: z.exactOptional(band), hold: z.exactOptional(band) }));

const ruleId = shortText();

/** A chosen rig with its numbers and reasons as they stood when it was chosen: later models do not rewrite it. */
export const ticketSchema = z.strictObject({
  id: shortText(),
  version: z.literal(TICKET_VERSION),
  madeAt: z.iso.datetime(),
  name: shortText(0),
  note: z.string().check(z.maxLength(2000)),
  water: waterSchema,
  rig: rigSchema,
  /** before any cut, where it was cut at the bench */
  base: z.exactOptional(rigSchema),
  massG: z.number(),
  lengthMm: z.number(),
  score: z.nullable(z.number()),
  fall: fallSchema,
  semiTight: fallSchema,
  has: hasSchema,
  bands: bandsSchema,
  /** how it is cut, fitted and brought back; older tickets do not say */
  handling: z.exactOptional(z.array(z.strictObject({ choice: z.enum(CHOICES), rule: ruleId })).check(z.maxLength(60))),
  plan: z.exactOptional(planSchema),
  /** the line its rules ask, where it is fished on another */
  askedLine: z.exactOptional(lineSchema),
  wants: z.array(
    z.strictObject({
      id: z.enum(WANT_IDS),
      from: z.number(),
      to: z.number(),
      weight: z.number(),
      rules: z.array(ruleId).check(z.minLength(1), z.maxLength(40)),
    }),
  ),
  reasons: z.array(
    z.strictObject({
      rule: ruleId,
      want: z.nullable(z.enum(WANT_IDS)),
      weight: z.number(),
      for: z.boolean(),
      /** what the log counted, where it spoke */
      logged: z.exactOptional(
        z.strictObject({
          hours: z.number(),
          bites: z.number(),
          perHour: z.number(),
          band: z.tuple([z.number(), z.number()]),
          meanPerHour: z.number(),
          weight: z.number(),
        }),
      ),
    }),
  ),
  dissent: z.array(
    z.strictObject({
      question: z.enum(SCHOOL_QUESTIONS),
      school: shortText(),
      rig: rigSchema,
      has: hasSchema,
      fall: fallSchema,
    }),
  ),
});

export type Ticket = z.infer<typeof ticketSchema>;
