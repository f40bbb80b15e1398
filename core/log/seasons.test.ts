import { describe, expect, test } from '@jest/globals';
import { demoSeasons, TRUE_RATES, trueRate } from '../../demo/seasons';
import { parseWith } from '../parse';
import { hookPlaces } from './hook-places';
import { keptOutingSchema, outingOf } from './kept-outing';
import { odditiesOf } from './oddities';
import { ownLogOf } from './own-log';
import { compared, grouped, ratesBy, trailerHookVerdict } from './rates';
import { schoolsFavoured } from './schools-favoured';
import { spellsOf, type Spell } from './spells';
import { finished } from '../advice/search/progress';

const spellsFrom = (seed?: number): readonly Spell[] => demoSeasons(seed).map(outingOf).flatMap(spellsOf);

describe('two made-up seasons', () => {
  test('are outings that can be kept, nothing odd about them, the same twice', () => {
    const outings = demoSeasons();
    expect(outings.length).toBeGreaterThan(55);
    expect(outings.length).toBeLessThan(70);
    for (const outing of outings) {
      const parsed = parseWith(keptOutingSchema, outing);
      expect(parsed.ok ? [] : parsed.issues).toEqual([]);
      expect(odditiesOf(outing, Date.parse('2026-09-27T12:00:00Z'), outings)).toEqual([]);
    }
    expect(demoSeasons()).toEqual(outings);
  });
  test('over 40 of them the true rate of a rig lies in its band four times in five', () => {
    let [held, all] = [0, 0];
    for (let seed = 1; seed <= 40; seed++) {
      const spells = spellsFrom(seed);
      const groups = grouped(spells, 'rig');
      for (const { value, band, hours } of ratesBy(spells, 'rig')) {
        const own = groups.get(value)!;
        const known = TRUE_RATES.filter(({ rig }) =>
          own.some((spell) => JSON.stringify(spell.rig) === JSON.stringify(rig)),
        );
        // turned another way or with a second hook a rig counts as the same
        if (known.length !== 1 || hours < 2) continue;
        const truth = own.reduce((sum, spell) => sum + spell.hours * trueRate(known[0]!.name, spell.water!), 0) / hours;
        all++;
        if (truth >= band[0] && truth <= band[1]) held++;
      }
    }
    expect(all).toBeGreaterThan(200);
    expect(held / all).toBeGreaterThan(0.75);
    expect(held / all).toBeLessThan(0.88);
  });
  test('what is true is found: the craw bites more often than the chunk where it is not cold, the ball head holds by the corner', () => {
    const spells = Array.from({ length: 6 }, (_, at) => spellsFrom(at + 1)).flat();
    const by = grouped(spells, 'trailer');
    const warm = (kind: string): Spell[] => by.get(kind)!.filter(({ water }) => water!.temperatureC >= 16);
    expect(compared(warm('flapper-craw'), warm('chunk')).chance).toBeGreaterThan(0.9);
    const { off, places } = hookPlaces(spells);
    expect(off[0]?.rig.head.style).toBe('ball');
    for (const { shares, fish } of places) {
      expect(shares.reduce((sum, { count }) => sum + count, 0)).toBe(fish);
      for (const { share, band } of shares) expect(share >= band[0] && share <= band[1]).toBe(true);
    }
  });
  test('whether a trailer hook pays comes out as it is: it lands a third more of what bites and costs seven in a hundred', () => {
    const spells = Array.from({ length: 12 }, (_, at) => spellsFrom(at + 1)).flat();
    const blades = spells.filter(({ rig }) => rig.family === 'spinner');
    const verdict = trailerHookVerdict(blades)!;
    expect(verdict.verdict).toBe('pays');
    expect(verdict.breakEven).toBeGreaterThan(0.1);
    expect(verdict.savedFish).toBeGreaterThan(0);
  });
  test('what the log says of a rig grows with what was counted, and speaks only where there is something to compare', () => {
    const log = ownLogOf(spellsFrom());
    const kinds = Object.values(log).flatMap((of) => Object.values(of));
    expect(kinds.length).toBeGreaterThan(5);
    for (const { hours, bites, perHour, meanPerHour } of kinds) {
      expect(hours).toBeGreaterThan(0);
      expect(Number.isInteger(bites)).toBe(true);
      // drawn towards the mean, never beyond what was counted
      const counted = bites / hours;
      const [low, high] = [Math.min(counted, meanPerHour), Math.max(counted, meanPerHour)];
      expect(perHour).toBeGreaterThan(0.9 * low - 0.05);
      expect(perHour).toBeLessThan(1.1 * high + 0.35);
    }
  });
  test('a log favours schools by chance, each question once, and says against which', () => {
    const favoured = finished(schoolsFavoured(spellsFrom().slice(0, 120)));
    expect(favoured.length).toBeGreaterThan(1);
    expect(new Set(favoured.map(({ question }) => question)).size).toBe(favoured.length);
    for (const { school, over, hours } of favoured) {
      expect(school).not.toBe(over);
      expect(Math.min(...hours)).toBeGreaterThanOrEqual(2);
    }
  });
});
