import { computed, shallowRef } from 'vue';
import { defineStore } from 'pinia';
import {
  breaksDown,
  EMPTY_TANK,
  filmOf,
  happenings,
  isCast,
  isReeled,
  planWith,
  rigBody,
  steadyFall,
  mediumOf,
  tankSchema,
  USUAL_REEL_MPS,
  withItsCast,
  type ProgrammeId,
  type RetrievePlan,
  type RetrieveStep,
  type Rig,
  type Tank,
} from '@core';
import { onBeginAnew } from '../db/page-state';
import { useKeptSetting } from '../live/useKeptSetting';
import { useWater } from './water';

/** Slowest and fastest a rig is reeled where its programme does not say, m/s. */
const PACES_MPS = { from: 0.4, to: 0.9 } as const;

/** What runs in the tank: two rigs at most and a programme; every change is stored at once. */
export const useTank = defineStore('tank', () => {
  const water = useWater();
  const { value: tank, loaded, load, reload: readAgain, set } = useKeptSetting('tank', tankSchema, () => EMPTY_TANK);
  /** the plan while a step is dragged, before it is let go */
  const dragged = shallowRef<RetrievePlan | null>(null);

  async function reload(): Promise<void> {
    dragged.value = null;
    await readAgain();
  }
  onBeginAnew('tank', reload);
  const change = (part: Partial<Tank>): Promise<void> => set({ ...tank.value, ...part });

  /** the plan over the water at hand: no bottom lies below it */
  const plan = computed((): RetrievePlan => {
    const asked = dragged.value ?? tank.value.plan;
    const { depthM } = water.water;
    if (!asked.bottom?.some(([, m]) => m > depthM)) return asked;
    return { ...asked, bottom: asked.bottom.map(([x, m]): [number, number] => [x, Math.min(m, depthM)]) };
  });
  const isRaised = computed(() => plan.value !== (dragged.value ?? tank.value.plan));
  const filmed = (rig: Rig | null) => (rig ? filmOf(rig, plan.value, water.water) : null);
  const film = computed(() => filmed(tank.value.rig));
  const otherFilm = computed(() => filmed(tank.value.other));
  const told = computed(() => (film.value ? happenings(film.value, water.water) : []));
  const faults = computed(() => (film.value ? breaksDown(film.value, tank.value.programme, water.water) : []));

  /** Pace at which a rig is reeled here where nobody says: about what it falls at, or the usual for what lives by the reel. */
  function paceOf(rig: Rig): number {
    if (isReeled(rig)) return USUAL_REEL_MPS;
    const fall = steadyFall(rigBody(rig), mediumOf(water.water)).speedMps;
    return Math.min(PACES_MPS.to, Math.max(PACES_MPS.from, fall));
  }

  const withoutBottom = ({ bottom: _bottom, ...rest }: RetrievePlan): RetrievePlan => rest;
  /** A plan whose bottom is level goes over whatever water is at hand. */
  const overThisWater = (own: RetrievePlan): RetrievePlan =>
    own.bottom && own.bottom.length > 1 ? own : withoutBottom(own);
  /** Puts a rig in, with the retrieve that goes with it. */
  const put = (rig: Rig, own: RetrievePlan | null): Promise<void> =>
    change({
      rig,
      ...(own ? { plan: { ...withoutBottom(tank.value.plan), ...overThisWater(own) }, programme: null } : {}),
    });
  const putOther = (other: Rig | null): Promise<void> => change({ other });
  const swap = (): Promise<void> => change({ rig: tank.value.other, other: tank.value.rig });
  function begin(id: ProgrammeId): Promise<void> {
    const { rig } = tank.value;
    const to = { depthM: water.water.depthM, paceMps: rig ? paceOf(rig) : USUAL_REEL_MPS };
    return change({ plan: planWith(tank.value.plan, id, to), programme: id });
  }
  /** A pitch or a skip is the cast: the two are one length, whichever is changed. */
  const setPlan = (part: Partial<RetrievePlan>): Promise<void> => {
    const next = { ...tank.value.plan, ...part };
    const [first, ...others] = next.steps;
    const steps = part.castM !== undefined && isCast(first!) ? [{ ...first, m: part.castM }, ...others] : next.steps;
    return change({ plan: withItsCast({ ...next, steps }) });
  };

  /** Puts steps in the place of those that are there; a programme that never comes back is refused by whoever asks. */
  const setSteps = (steps: readonly RetrieveStep[]): Promise<void> => {
    dragged.value = null;
    return setPlan({ steps: [...steps] });
  };
  function preview(steps: readonly RetrieveStep[]): void {
    dragged.value = { ...tank.value.plan, steps: [...steps] };
  }
  const cancelDrag = (): void => void (dragged.value = null);

  return {
    tank,
    loaded,
    plan,
    isRaised,
    film,
    otherFilm,
    told,
    faults,
    load,
    reload,
    change,
    put,
    putOther,
    swap,
    begin,
    setPlan,
    setSteps,
    preview,
    cancelDrag,
  };
});
