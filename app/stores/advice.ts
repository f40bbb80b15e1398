import { computed, ref, shallowRef, watch } from 'vue';
import { defineStore } from 'pinia';
import {
  gearNamed,
  heedWaterBest,
  issue,
  sameJson,
  type Advice,
  type Box,
  type GearTrays,
  type OwnLog,
  type Pick,
  type TippingPoint,
  type Water,
} from '@core';
import { takeRanker } from '../first/warm-ranker';
import { createRanker } from '../workers/ranker';
import { beliefNow } from '../workers/belief';
import { useBox } from './box';
import { useLearned } from './learned';
import { useNotices } from './notices';
import { useSettings } from './settings';
import { useWater } from './water';
import * as words from '../locale/en/frame';

/** How many picks are listed, and for how many of them flips are searched. */
const TOP = 12;
const FLIPS_FOR = 3;

/** The answer to the water at hand, computed in the worker; the newest water wins. */
export const useAdvice = defineStore('advice', () => {
  const water = useWater();
  const box = useBox();
  const settings = useSettings();
  const learned = useLearned();
  const notices = useNotices();

  const advice = shallowRef<Advice | null>(null);
  /** the water the answer belongs to */
  const answered = shallowRef<Water | null>(null);
  /** what would flip each of the first picks; null until it is known */
  const flips = shallowRef<readonly (readonly TippingPoint[])[] | null>(null);
  const tookMs = ref(0);
  const ranking = ref(false);
  /** share of the ranking done, 0 to 1 */
  const progress = ref(0);
  /** the last ranking was given up: what is shown belongs to an earlier water or box */
  const stopped = ref(false);
  const picks = computed(() => advice.value?.picks ?? []);
  /** while only the first rig of a new answer is known: the answer before, whose others stand behind it */
  const before = shallowRef<{ readonly advice: Advice; readonly water: Water } | null>(null);
  /** those others in their places; where the new first was one of them, the first of then */
  const older = computed((): readonly Pick[] => {
    const [first] = picks.value;
    const [was, ...others] = before.value?.advice.picks ?? [];
    if (!first || !was) return [];
    return others.map((pick) => (sameJson(pick.base, first.base) ? { ...was, rank: pick.rank } : pick));
  });
  /** what is shown is the first rig of a ranking that still goes on: of families, and of what no rig can do, it knows nothing yet */
  const isFirstOnly = ref(false);
  let asked: Water | null = null;
  let askedBox: Box | 'catalogue' = 'catalogue';
  /** the answer that is shown is done, with what other schools would tie */
  let isWhole = false;
  /** what would flip the answer that is shown is being looked for */
  let isFlipping = false;
  /** open picks that show what would flip them: it takes longer than the answer itself, so it is looked for only where somebody looks */
  let watching = 0;
  /** what the answer that is shown was asked of: the same water and the same parts */
  let askedOf = '';
  let answeredOf = '';

  const ranker = createRanker(takeRanker, (reply) => {
    if ('progress' in reply) {
      progress.value = reply.progress;
      return;
    }
    if ('first' in reply) {
      // the list that stands is not given up for a list of one: it goes behind it until the others are known
      if (!isFirstOnly.value && advice.value && answered.value && picks.value.length > 0) {
        before.value = { advice: advice.value, water: answered.value };
      }
      heedScale(reply.first);
      [advice.value, answered.value, answeredOf] = [reply.first, asked, askedOf];
      isFirstOnly.value = true;
      return;
    }
    if ('others' in reply) {
      const { others } = reply;
      const shown = advice.value;
      if (shown) advice.value = { ...shown, picks: shown.picks.map((pick, at) => ({ ...pick, ...others[at] })) };
      isWhole = true;
      lookForFlips();
      return;
    }
    if ('flips' in reply) {
      flips.value = reply.flips;
      return;
    }
    if ('cancelled' in reply) {
      dropFirst();
      // given up while flips were looked for: the answer itself stands
      stopped.value = ranking.value;
      ranking.value = false;
      return;
    }
    if ('restarted' in reply) {
      progress.value = 0;
      if (reply.restarted === 'silent') void notices.sayIssue(issue('worker-silent', '', { got: words.ranking }));
      return;
    }
    if ('alive' in reply) return;
    // of flips that could not be looked for nothing is shown; the answer they are of stands
    if (isFlipping) flips.value = [];
    ranking.value = false;
    if ('lost' in reply) {
      dropFirst();
      stopped.value = !isFlipping;
      return void notices.complain([issue(`worker-${reply.lost}`, '', { got: words.ranking })]);
    }
    if (!reply.ok) {
      dropFirst();
      stopped.value = !isFlipping;
      notices.complainIn([words.rankingFailed(reply.bug.split('\n')[0] ?? '')]);
      return;
    }
    isFirstOnly.value = false;
    before.value = null;
    heedScale(reply.advice);
    [advice.value, answered.value, answeredOf] = [reply.advice, asked, askedOf];
    tookMs.value = reply.tookMs;
  });

  /** The scale of a water is sought in the worker; the page judges single rigs on the same one. */
  function heedScale({ best }: Advice): void {
    if (best && asked) heedWaterBest(asked, best);
  }

  /** A ranking that ended early leaves no list of one behind that looks like its answer: what stood before stands again. */
  function dropFirst(): void {
    if (!isFirstOnly.value) return;
    isFirstOnly.value = false;
    [advice.value, answered.value] = before.value ? [before.value.advice, before.value.water] : [null, null];
    before.value = null;
  }

  /** what the angler fishes with: what is named of it, else the whole box; null where picks get what they should have */
  const gear = computed((): GearTrays | null => {
    const { pickGear = 'own', gear: named } = settings.settings;
    if (pickGear === 'asked') return null;
    const trays = gearNamed(box.box, named);
    return trays.rods.length > 0 && trays.reels.length > 0 && trays.lines.length > 0 ? trays : null;
  });
  /** the same as text: the settings change for other reasons too */
  const gearText = computed(() => JSON.stringify(gear.value));
  /** what the log has to say; null where it is not asked */
  const log = computed((): OwnLog | null => {
    const said = learned.ownLog;
    return settings.settings.pickLog === 'none' || Object.keys(said).length === 0 ? null : said;
  });
  watch(
    [() => water.water, () => box.box, () => settings.settings.source, () => box.ready, gearText, log],
    ([current, owned, source, ready]) => {
      if (ready) start(current, source === 'catalogue' ? 'catalogue' : owned);
    },
    { immediate: true },
  );

  function start(current: Water, from: Box | 'catalogue'): void {
    [asked, askedBox, isWhole, isFlipping] = [current, from, false, false];
    ranking.value = true;
    stopped.value = false;
    progress.value = 0;
    flips.value = null;
    askedOf = `${water.key} ${from === 'catalogue'} ${gearText.value} ${log.value !== null}`;
    // of two that cannot be told apart the one that is shown stays first
    const stays = answeredOf === askedOf ? (picks.value[0]?.base ?? null) : null;
    ranker.rank({ ...jobOf(current, from), before: stays });
  }
  function jobOf(current: Water, from: Box | 'catalogue') {
    return {
      water: current,
      box: from,
      top: TOP,
      flipsOf: null,
      before: null,
      gear: gear.value,
      log: log.value,
      belief: beliefNow(),
    };
  }
  function lookForFlips(): void {
    if (watching === 0 || flips.value !== null || !isWhole || asked === null) return;
    [isWhole, isFlipping] = [false, true];
    ranker.rank({ ...jobOf(asked, askedBox), flipsOf: picks.value.slice(0, FLIPS_FOR).map(({ base }) => base) });
  }
  /** Looks for what would flip the first picks, of this answer and the next ones, for as long as somebody looks; call what it returns to end that. */
  function watchFlips(): () => void {
    watching++;
    lookForFlips();
    return () => void watching--;
  }
  const cancel = (): void => ranker.cancel();
  const again = (): void => start(water.water, settings.settings.source === 'catalogue' ? 'catalogue' : box.box);

  return {
    advice,
    answered,
    flips,
    flipsFor: FLIPS_FOR,
    watchFlips,
    picks,
    gear,
    log,
    isFirstOnly,
    before,
    older,
    tookMs,
    ranking,
    progress,
    stopped,
    cancel,
    again,
  };
});
