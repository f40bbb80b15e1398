import { computed } from 'vue';
import {
  clockOf,
  layOutDay,
  packingOf,
  rigTitles,
  timesOf,
  writeStopsCsv,
  writeTrip,
  type AnyPart,
  type MadePlan,
  type Paper,
  type StopTime,
} from '@core';
import { gearPartTitle } from '../../parts/gear-part';
import { saveBytes, saveText } from '../../files/save';
import { useUnits } from '../../composables/useUnits';
import { useDeck } from '../../stores/deck';
import { useNotices } from '../../stores/notices';
import { askDeck } from '../../workers/ask-deck';
import { partTitles } from '../../parts/part-text';
import * as words from '../../locale/en/deck';

/** A name a file system takes. */
const fileName = (name: string): string =>
  name
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 60) || 'day';

/** A day on paper and in files: what is packed, the sheet for the night before, trip, GPX and CSV. */
export function useDeckFiles(kept: () => MadePlan | null) {
  const deck = useDeck();
  const notices = useNotices();
  const { system } = useUnits();
  const name = computed(() => fileName([deck.trip?.name, deck.trip?.day].filter(Boolean).join(' ')));
  const times = computed((): readonly StopTime[] => {
    const found = deck.trip && timesOf(deck.trip);
    return found?.ok ? found.value.stops : [];
  });
  const packing = computed(() => {
    const plan = kept();
    return plan ? packingOf(plan, deck.from, times.value) : null;
  });
  const packed = computed(() => {
    const rows = (packing.value?.parts ?? []).flatMap(({ tray, place, count, spare }) => {
      const part = deck.from[tray][place] as AnyPart | undefined;
      if (!part) return [];
      // what the angler calls it is said in front
      const { label, ...plain } = part;
      return [{ tray, label, part: plain as AnyPart, count: words.packCount(count, spare) }];
    });
    const titles = partTitles(rows, system.value);
    return rows.map(({ label, count }, at) => ({ title: label ? `${label}: ${titles[at]!}` : titles[at]!, count }));
  });
  const tools = computed(() => (packing.value?.tools ?? []).map((tool) => words.TOOL_TEXT[tool]));

  const rodName = (rod: number): string =>
    deck.from.rods[rod]?.label || gearPartTitle('rods', deck.from, rod, system.value);
  function titles(plan: MadePlan): readonly string[] {
    return rigTitles(
      plan.rods.map(({ rig }) => rig),
      system.value,
    );
  }
  /** whether another rig is tied for a stop: the rod carried another one at a stop before it */
  function isReTied(plan: MadePlan, stop: number): boolean {
    const own = plan.rods.find(({ stops }) => stops.includes(stop));
    const before = own && plan.rods.flatMap((rod) => (rod.rod === own.rod ? rod.stops.map((at) => ({ at, rod })) : []));
    const last = before
      ?.filter(({ at }) => at < stop)
      .sort((a, b) => a.at - b.at)
      .at(-1);
    return last !== undefined && last.rod !== own;
  }

  async function sheet(paper: Paper): Promise<void> {
    const [plan, trip] = [kept(), deck.trip];
    if (!plan || !trip) return;
    const card = layOutDay({
      title: [trip.name || words.untitled, trip.day].filter(Boolean).join(' · '),
      plan,
      stops: trip.stops.flatMap((stop, at) => {
        const time = times.value[at];
        return time ? [{ ...time, name: stop.name, isReTied: isReTied(plan, at) }] : [];
      }),
      gear: plan.rods.map(({ rod, reel, line }) =>
        [
          rodName(rod),
          gearPartTitle('reels', deck.from, reel, system.value),
          gearPartTitle('lines', deck.from, line, system.value),
        ].join(' · '),
      ),
      packing: [...packed.value.map(({ title, count }) => `${count} × ${title}`), ...tools.value],
      system: system.value,
      paper,
    });
    const { cardPdf } = await import('../../../paper/card-pdf');
    saveBytes(`pandero-${name.value}.pdf`, cardPdf(card), 'application/pdf');
    notices.say(words.sheetMade(card.pages.length));
  }
  function tripFile(): void {
    const trip = deck.asFile();
    if (trip) saveText(`pandero-${name.value}.json`, writeTrip(trip), 'application/json');
  }
  async function gpx(): Promise<void> {
    const trip = deck.asFile();
    if (!trip) return;
    const placed = trip.stops.filter(({ lat, lon }) => lat !== undefined && lon !== undefined);
    if (placed.length === 0) return notices.say(words.noPlaces);
    const made = await askDeck('gpx', { stops: trip.stops, rest: trip.gpx ?? null });
    if (!made.ok) return notices.complain(made.issues);
    saveText(`pandero-${name.value}.gpx`, made.value, 'application/gpx+xml');
    const left = trip.stops.length - placed.length;
    if (left > 0) notices.say(words.withoutPlace(left));
  }
  /** @param scores  how well each stop is answered, where that is known */
  function csv(scores: readonly (number | null)[]): void {
    const [plan, trip] = [kept(), deck.trip];
    if (!trip) return;
    const named = plan ? titles(plan) : [];
    const rows = trip.stops.map((stop, at) => {
      const on = plan?.rods.findIndex(({ stops }) => stops.includes(at)) ?? -1;
      const time = times.value[at];
      return {
        ...stop,
        at: time ? clockOf(time.fromMin) : (stop.at ?? ''),
        rod: on === -1 ? '' : rodName(plan!.rods[on]!.rod),
        rig: named[on] ?? '',
        answers: scores[at] ?? null,
      };
    });
    saveText(`pandero-${name.value}.csv`, writeStopsCsv(rows), 'text/csv');
  }
  const template = (): void =>
    saveText(
      'pandero-stops.csv',
      writeStopsCsv([
        {
          name: words.sampleStop,
          at: '07:00',
          minutes: 45,
          weight: 1,
          coverM: 200,
          water: { ...deck.trip!.stops[0]!.water },
          rod: '',
          rig: '',
          answers: null,
        },
      ]),
      'text/csv',
    );
  return { packed, tools, times, rodName, titles, isReTied, sheet, tripFile, gpx, csv, template };
}
