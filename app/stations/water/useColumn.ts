import { computed, reactive, ref } from 'vue';
import { clarityOf, COVER_NAME, shown, NAME } from '@core';
import { useUnits } from '../../composables/useUnits';
import { useWater } from '../../stores/water';
import { coverShape } from '../../parts/cover-shapes';
import { bottomMarks, coverTopM, saidBottom, tintStops } from '../../parts/water-look';
import { depthScale, FRAME, rulerEndM, rulerMarks } from './column-scale';

/** where the disc hangs */
export const DISC_X = FRAME.left + 48;
const DENSITY = { sparse: 1, medium: 2, thick: 3 } as const;
/** Share of the depth from which "on the bottom" is drawn. */
const BOTTOM_FROM = 0.78;

/** The water at hand as a picture: where everything stands, in the frame's own pixels. */
export function useColumn() {
  const store = useWater();
  const { system } = useUnits();
  const water = computed(() => store.water);

  /** while the bottom is held the ruler stands still, so that it does not run away under the finger */
  const heldEndM = ref<number | null>(null);
  const endM = computed(() => heldEndM.value ?? rulerEndM(water.value.depthM));
  const scale = computed(() => depthScale(endM.value));
  const bottomY = computed(() => scale.value.yOf(water.value.depthM));
  const discY = computed(() => scale.value.yOf(Math.min(water.value.visibilityM, water.value.depthM)));
  const beyond = computed(() => water.value.visibilityM > water.value.depthM);
  const marks = computed(() =>
    rulerMarks(endM.value, system.value).map((mark) => ({ ...mark, y: scale.value.yOf(mark.depthM) })),
  );
  const stops = computed(() => tintStops(water.value, endM.value));
  const bottom = computed(() => bottomMarks(saidBottom(water.value), bottomY.value, FRAME));
  const placed = (fromM: number, toM: number): { readonly y: number; readonly height: number } => ({
    y: scale.value.yOf(fromM),
    height: Math.max(4, scale.value.yOf(toM) - scale.value.yOf(fromM)),
  });
  const band = computed(() => {
    const { band: wanted, depthM } = water.value;
    const [from, to] = wanted ? [wanted.fromM, wanted.toM] : [BOTTOM_FROM * depthM, depthM];
    return placed(from, to);
  });
  /** a depth the angler took in hand: the band of the water stays as a ghost beside it */
  const mine = computed(() => {
    const run = water.value.intent?.run;
    return run === undefined ? null : placed(run.from, run.to);
  });
  const usual = computed(() => {
    const { usualVisibilityM, depthM } = water.value;
    return usualVisibilityM === undefined
      ? null
      : { y: scale.value.yOf(Math.min(usualVisibilityM, depthM)), usualVisibilityM };
  });
  const covers = computed(() => {
    const rows = water.value.cover.filter(({ kind }) => kind !== 'open');
    const room = (FRAME.right - FRAME.left - 96) / Math.max(1, rows.length);
    return rows.map((row, slot) => {
      const topM = coverTopM(row, water.value.depthM);
      const x = FRAME.left + 92 + room * (slot + 0.5);
      const topY = scale.value.yOf(topM);
      const shape = coverShape(row.kind, {
        x,
        width: Math.min(110, room * 0.92),
        topY,
        bottomY: bottomY.value,
        surfaceY: FRAME.surfaceY,
        density: DENSITY[row.density],
      });
      return { at: water.value.cover.indexOf(row), row, x, topY, topM, name: COVER_NAME[row.kind], shape };
    });
  });
  const clarity = computed(() => NAME[clarityOf(water.value.visibilityM)]);
  const show = (quantity: 'depth' | 'visibility' | 'temperature', value: number): string =>
    shown(quantity, value, system.value);

  return reactive({
    system,
    water,
    heldEndM,
    scale,
    bottomY,
    discY,
    beyond,
    marks,
    stops,
    bottom,
    band,
    mine,
    usual,
    covers,
    clarity,
    show,
  });
}
export type Column = ReturnType<typeof useColumn>;
