import { GROUPINGS, ratesBy, spellsOf, trailerHookVerdict, type Log } from '../log';
import { notBoth } from '../locale/en/log';
import { unlikeText, verdictText } from '../wording/log';

/** What a log says, in the shape of files and the command line. */
export function ratesReport({ outings }: Log): unknown {
  const spells = outings.flatMap(spellsOf);
  const verdict = trailerHookVerdict(spells);
  return {
    groups: GROUPINGS.flatMap((by) =>
      ratesBy(spells, by).map(
        ({ value, hours, bites, bitesPerHour, band, hooked, landed, landingRate, landingBand }) => ({
          ...{ by, value, hours, bites, bitesPerHour, band, hooked, landed, landingRate, landingBand },
        }),
      ),
    ),
    trailerHook: verdict
      ? {
          verdict: verdict.verdict,
          chance: verdict.chance,
          bitesGivenUp: verdict.bitesGivenUp,
          breakEven: verdict.breakEven,
          hoursToSettle: verdict.hoursToSettle,
          because: verdictText(verdict),
        }
      : {
          verdict: 'unclear',
          chance: null,
          bitesGivenUp: null,
          breakEven: null,
          hoursToSettle: null,
          because: notBoth,
        },
    unlike: (verdict?.unlike ?? []).map(unlikeText),
  };
}
