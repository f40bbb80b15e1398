import { loggedKind, type Logged, type OwnLog } from '../advice/conditions/own-log';
import { waterClass } from '../water/water-class';
import { commonRate, gammaBand, gammaMean, rateKnown } from './pooled';
import { sumsOf } from './rates';
import type { Spell } from './spells';

/** What a log says of a pick: bite rates by class of water and kind of rig, partially pooled within each class. */
export function ownLogOf(spells: readonly Spell[]): OwnLog {
  const classes = new Map<string, Map<string, Spell[]>>();
  for (const spell of spells) {
    if (!spell.water || spell.hours <= 0) continue;
    const of = waterClass(spell.water);
    const kinds = classes.get(of) ?? new Map<string, Spell[]>();
    classes.set(of, kinds);
    const kind = loggedKind(spell.rig);
    const own = kinds.get(kind);
    if (own) own.push(spell);
    else kinds.set(kind, [spell]);
  }
  return Object.fromEntries(
    [...classes].map(([of, kinds]) => {
      const sums = [...kinds].map(([kind, own]) => ({ kind, ...sumsOf(own) }));
      const common = commonRate(sums.map(({ bites, hours }) => ({ count: bites, hours })));
      const all = sums.reduce(
        (total, { hours, bites }) => ({ hours: total.hours + hours, bites: total.bites + bites }),
        {
          hours: 0,
          bites: 0,
        },
      );
      const meanPerHour = all.bites / all.hours;
      // one kind alone has nothing to be compared with
      if (sums.length < 2 || meanPerHour === 0) return [of, {}];
      const logged = sums.map(({ kind, hours, bites }): [string, Logged] => {
        const known = rateKnown({ count: bites, hours }, common);
        return [kind, { hours, bites, perHour: gammaMean(known), band: gammaBand(known), meanPerHour }];
      });
      return [of, Object.fromEntries(logged)];
    }),
  );
}
