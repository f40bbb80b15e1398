import { computed, type ComputedRef, type Ref } from 'vue';
import {
  BENCH_VIEWS,
  CRAWL_MPS,
  NEARLY_STILL_MPS,
  handlesOf,
  rigBody,
  rigHeadOn,
  rigOutline,
  sameJson,
  skirtEnvelope,
  trailerSheet,
  type BenchView,
  type Handle,
  type Outline,
  type OutlineShape,
  type Rig,
  type RigBody,
} from '@core';
import { layOutSheet } from './sheet-layout';
import { useFollowing } from './useFollowing';

const DRAW: Readonly<Record<BenchView, (rig: Rig, body: RigBody) => Outline | null>> = {
  side: (rig, body) => rigOutline(rig, body, 'side'),
  top: (rig, body) => rigOutline(rig, body, 'top'),
  front: (rig, body) => rigHeadOn(rig, body, CRAWL_MPS),
  sheet: (rig) => trailerSheet(rig),
};

/** Parts whose outline tells a proposal from what lies there, where they differ; strands would only blur it. */
const ghosted = (now: Rig, then: Rig): ReadonlySet<OutlineShape['part']> =>
  new Set<OutlineShape['part']>([
    ...(sameJson(now.trailer, then.trailer) ? [] : (['trailer', 'core'] as const)),
    ...(sameJson(now.guard, then.guard) ? [] : (['guard'] as const)),
  ]);

/** Outlines of what is proposed in one view. */
export function ghostShapes(view: BenchView, now: Rig, ghost: Rig): readonly OutlineShape[] {
  const parts = ghosted(now, ghost);
  return DRAW[view](ghost, rigBody(ghost))?.shapes.filter(({ part }) => parts.has(part)) ?? [];
}

/** One drawing of a build with what can be taken hold of on it. */
interface Drawn {
  readonly rig: Rig;
  readonly body: RigBody;
  readonly outline: Outline | null;
  readonly handles: readonly Handle[];
}

/**
 * The four drawings of a build, and where they lie on the sheet.
 * @param still  the build before it is dragged
 * @param held   the drawing under the finger; null while nothing is dragged
 */
export function useSheet(
  rig: Ref<Rig>,
  still: Ref<Rig>,
  held: Ref<BenchView | null>,
  speedMps: Ref<number>,
  narrow: Ref<boolean>,
  room: Ref<{ readonly width: number; readonly height: number }>,
) {
  const shown = useFollowing(
    rig,
    computed(() => held.value ?? 'side'),
    computed(() => held.value !== null),
  );
  /** bodies of the rigs that are shown: views of the same rig share one */
  const bodies = new WeakMap<Rig, RigBody>();
  function bodyOf(of: Rig): RigBody {
    const found = bodies.get(of) ?? rigBody(of);
    bodies.set(of, found);
    return found;
  }
  const drawnIn = (view: BenchView): ComputedRef<Drawn> =>
    computed(() => {
      const of = shown(view);
      const body = bodyOf(of);
      const handles = handlesOf(of, body).filter((handle) => handle.view === view);
      return { rig: of, body, outline: DRAW[view](of, body), handles };
    });
  const views: Readonly<Record<BenchView, ComputedRef<Drawn>>> = {
    side: drawnIn('side'),
    top: drawnIn('top'),
    front: drawnIn('front'),
    sheet: drawnIn('sheet'),
  };
  /** laid out by what lay there before a drag: the sheet must not move under the finger, nor be drawn anew for it */
  const layout = computed(() => {
    const before = Object.fromEntries(
      BENCH_VIEWS.map((view) => [view, DRAW[view](still.value, bodyOf(still.value)) ?? undefined]),
    );
    return layOutSheet(before, narrow.value, !!still.value.trailer, room.value);
  });
  const envelopes = computed(() => {
    const { rig: of, body } = views.side.value;
    return {
      rest: skirtEnvelope(of, body, NEARLY_STILL_MPS, 'side'),
      speed: skirtEnvelope(of, body, speedMps.value, 'side'),
    };
  });
  return { views, layout, envelopes };
}
