import type { DeckPlan, Lack, Trip } from '../deck';
import { MARGIN_TEXT } from '../locale/en/gear';
import * as words from '../locale/en/deck';

/** Height of the sun under which a whole stop counts as dark, degrees: civil twilight is over. */
const DARK_DEG = -6;

const valueText = (value: number): string => value.toFixed(1);
const lackText = (lack: Lack): string =>
  words.lacks(MARGIN_TEXT[lack.lacks].title.toLowerCase(), valueText(lack.value));

/** What keeps a plan from answering its day, the gravest first. */
export function deckProblems(trip: Trip, { times, unanswered }: DeckPlan): readonly string[] {
  const nameOf = (stop: number): string => words.stopNumber(stop, trip.stops[stop]!.name);
  const noLight = times.daylight?.kind === 'none';
  const dark = noLight
    ? []
    : times.stops.flatMap(({ sunDeg }, at) => (sunDeg !== null && sunDeg < DARK_DEG ? [at] : []));
  return [
    ...unanswered.map(({ stop, because, lack }) =>
      [words.UNANSWERED_TEXT[because](nameOf(stop)), ...(lack ? [lackText(lack)] : [])].join(' '),
    ),
    ...(times.overMin > 0 ? [words.overTime(String(Math.ceil(times.overMin)))] : []),
    ...(noLight ? [words.noDaylight] : []),
    ...dark.map((stop) => words.inTheDark(nameOf(stop))),
  ];
}

/** What else is to be said of it: rods that carry nothing, and more of them than it takes. */
export function deckNotes(trip: Trip, { idle, stops, rods }: DeckPlan): readonly string[] {
  const used = new Set(rods.map(({ rod }) => rod)).size;
  const isSpare = used < trip.rods && stops.every(({ rod }) => rod !== null);
  return [
    ...idle.map(({ rod, lack }) => {
      const name = words.rodNumber(rod, trip.box.rods[rod]?.label);
      return lack
        ? words.idleRod(name, MARGIN_TEXT[lack.lacks].title.toLowerCase(), valueText(lack.value))
        : words.idleRodBare(name);
    }),
    ...(isSpare ? [words.moreRodsThanNeeded(used, trip.rods)] : []),
  ];
}
