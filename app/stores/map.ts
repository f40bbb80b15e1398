import { ref, shallowRef } from 'vue';
import { defineStore } from 'pinia';
import {
  cellOfWater,
  isSameWinner,
  issueText,
  mapPlan,
  MapRefinement,
  waterAt,
  type MapAxis,
  type MapPlan,
  type Water,
  type Winner,
} from '@core';
import { askLeads, onMapRestart } from '../workers/ask-map';
import { useBox } from './box';
import { useNotices } from './notices';
import { useWater } from './water';
import * as words from '../locale/en/notices';

/** How often the picture is redrawn while answers come in, ms. */
const DRAW_EVERY_MS = 200;

/** A map as far as it is known. */
export interface MapPicture {
  readonly plan: MapPlan;
  readonly water: Water;
  /** of each cell, row by row; null where nothing is known, or no rig can be tied */
  readonly winners: readonly (Winner | null)[];
  readonly asked: number;
  /** no border is left to be looked at more closely */
  readonly isWhole: boolean;
}

/** The decision map of the water at hand: asked coarse first, then along its borders. */
export const useMap = defineStore('map', () => {
  const water = useWater();
  const box = useBox();
  const notices = useNotices();
  const sides = ref<{ readonly x: MapAxis; readonly y: MapAxis }>({ x: 'temperature', y: 'visibility' });
  const cells = ref(32);
  const picture = shallowRef<MapPicture | null>(null);
  const busy = ref(false);
  const problem = ref('');
  let turn = 0;
  onMapRestart(() => notices.say(words.workerRestarted));

  function stop(): void {
    turn++;
    busy.value = false;
  }

  /** Whether what is drawn is the whole map of a water, with the sides that are asked for. */
  function isOf(on: Water): boolean {
    const of = picture.value;
    if (of === null || of.water !== on || !of.isWhole) return false;
    const { x, y, wide, high } = mapPlan(sides.value.x, sides.value.y, cells.value);
    return of.plan.x === x && of.plan.y === y && of.plan.wide === wide && of.plan.high === high;
  }

  /** Draws the map of the water as it is now; what was drawn before is given up. */
  async function draw(): Promise<void> {
    const mine = ++turn;
    busy.value = true;
    problem.value = '';
    picture.value = null;
    const on = water.water;
    const from = box.box;
    const plan = { ...mapPlan(sides.value.x, sides.value.y, cells.value), month: water.month() };
    const map = new MapRefinement<Winner | null>(plan, isSameWinner, [cellOfWater(on, plan)]);
    let drawnAt = 0;
    const show = (isWhole: boolean): void => {
      drawnAt = performance.now();
      const winners = Array.from({ length: plan.wide * plan.high }, (_, at) =>
        map.at({ column: at % plan.wide, row: Math.floor(at / plan.wide) }),
      );
      picture.value = { plan, water: on, winners, asked: map.asked, isWhole };
    };
    for (let ask = map.next(); ask.length > 0 && mine === turn; ask = map.next()) {
      await askLeads(
        ask,
        ({ column, row }) => waterAt(on, plan, column, row),
        from,
        (cell, answer) => {
          if (mine !== turn) return false;
          if (!answer.ok) {
            problem.value = answer.issues.map(issueText).join(' ');
            stop();
            return false;
          }
          map.tell(cell, answer.value);
          if (performance.now() - drawnAt > DRAW_EVERY_MS) show(false);
          return true;
        },
      );
    }
    if (mine !== turn) return;
    show(true);
    busy.value = false;
  }
  return { sides, cells, picture, busy, problem, isOf, draw, stop };
});
