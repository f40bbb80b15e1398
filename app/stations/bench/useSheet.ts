import { computed, type Ref } from 'vue';
import {
  CRAWL_MPS,
  rigBody,
  rigHeadOn,
  rigOutline,
  skirtEnvelope,
  trailerSheet,
  type BenchView,
  type Outline,
  type Rig,
  type RigBody,
} from '@core';
import { layOutSheet } from './sheet-layout';

/** The four drawings of a build, and where they lie on the sheet. */
export function useSheet(
  rig: Ref<Rig>,
  still: Ref<Rig>,
  speedMps: Ref<number>,
  narrow: Ref<boolean>,
  room: Ref<{ readonly width: number; readonly height: number }>,
) {
  const drawn = (of: Rig, body: RigBody): Partial<Record<BenchView, Outline>> => {
    const sheet = trailerSheet(of);
    return {
      side: rigOutline(of, body, 'side'),
      top: rigOutline(of, body, 'top'),
      front: rigHeadOn(of, body, CRAWL_MPS),
      ...(sheet ? { sheet } : {}),
    };
  };
  const body = computed(() => rigBody(rig.value));
  const outlines = computed(() => drawn(rig.value, body.value));
  const before = computed(() => drawn(still.value, rigBody(still.value)));
  /** laid out by what lay there before a drag: the sheet must not move under the finger, nor be drawn anew for it */
  const layout = computed(() => layOutSheet(before.value, narrow.value, !!still.value.trailer, room.value));
  const envelopes = computed(() => ({
    rest: skirtEnvelope(rig.value, body.value, 0, 'side'),
    speed: skirtEnvelope(rig.value, body.value, speedMps.value, 'side'),
  }));
  return { body, outlines, layout, envelopes };
}
