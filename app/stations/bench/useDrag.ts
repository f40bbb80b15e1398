import { onBeforeUnmount, onMounted, shallowRef, type Ref } from 'vue';
import { draggedTo, editOf, nearestAllowed, ribsMm, type Handle, type PointMm } from '@core';
import { useBench } from '../../stores/bench';

/** A nose cut catches on a rib within this way, mm. */
const CATCHES_MM = 0.9;

/** Dragging a handle on the sheet: shown at every move, taken when it is let go, given up by Escape. */
export function useDrag(sheet: Ref<SVGSVGElement | null>) {
  const bench = useBench();
  const held = shallowRef<Handle | null>(null);
  let grip: {
    readonly handle: Handle;
    readonly start: number | string;
    readonly from: PointMm;
    readonly origin: PointMm;
    /** the finger that holds it */
    readonly finger: number;
  } | null = null;
  let frame = 0;
  let last: { readonly x: number; readonly y: number } | null = null;

  /** from the screen to the sheet; asked for once a drag, since the browser lays the page out to tell it */
  let toSheet: DOMMatrix | null = null;
  const forget = (): void => {
    toSheet = null;
  };
  onMounted(() => window.addEventListener('scroll', forget, { capture: true, passive: true }));
  onBeforeUnmount(() => window.removeEventListener('scroll', forget, { capture: true }));

  /** A place of the screen on the sheet, mm. */
  function onSheet(x: number, y: number): PointMm {
    toSheet ??= sheet.value!.getScreenCTM()!.inverse();
    const point = new DOMPoint(x, y).matrixTransform(toSheet);
    return [point.x, point.y];
  }
  function take(event: PointerEvent, handle: Handle, origin: PointMm): void {
    if (!grip) forget();
    if (!bench.build || !sheet.value || grip || event.button !== 0) return;
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    const [x, y] = onSheet(event.clientX, event.clientY);
    const start = editOf(handle.edit).read(bench.build.rig);
    grip = { handle, start, from: [x - origin[0], y - origin[1]], origin, finger: event.pointerId };
    held.value = handle;
  }
  function snapped(value: number | string): number | string {
    const { rig, base } = bench.build!;
    if (typeof value === 'string') return value;
    const near = nearestAllowed(rig, base, grip!.handle.edit, value);
    if (grip!.handle.edit !== 'nose') return near;
    const rib = ribsMm(rig.trailer!.kind, rig.trailer!.lengthMm).find((at) => Math.abs(at - near) < CATCHES_MM);
    return rib === undefined ? near : nearestAllowed(rig, base, 'nose', rib);
  }
  function draw(): void {
    frame = 0;
    if (!grip || !last) return;
    const [x, y] = onSheet(last.x, last.y);
    const to: PointMm = [x - grip.origin[0], y - grip.origin[1]];
    bench.preview(grip.handle.edit, snapped(draggedTo(grip.handle, grip.start, grip.from, to)));
  }
  function move(event: PointerEvent): void {
    if (grip?.finger !== event.pointerId) return;
    last = { x: event.clientX, y: event.clientY };
    if (frame === 0) frame = requestAnimationFrame(draw);
  }
  function commitDrag(event: PointerEvent): void {
    if (grip?.finger !== event.pointerId) return;
    cancelAnimationFrame(frame);
    draw();
    end();
    void bench.commitDrag();
  }
  function giveUp(): void {
    if (!grip) return;
    cancelAnimationFrame(frame);
    end();
    bench.cancelDrag();
  }
  function end(): void {
    frame = 0;
    last = null;
    grip = null;
    forget();
    held.value = null;
  }
  return { held, take, move, commitDrag, giveUp, onSheet };
}
