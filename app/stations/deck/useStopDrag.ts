import { onBeforeUnmount, ref, type Ref } from 'vue';

/** How far a finger goes before it drags, px. */
const SLOP_PX = 4;

/**
 * Moves one of a row of things by dragging its handle, with a mouse or a finger; Escape gives it up. Its keyboard twin is up to whoever
 * draws it.
 * @param places  the things in their order, as they stand on the screen
 * @param along   whether they stand beside or under each other
 * @param move    from one place to another
 */
export function useStopDrag(
  places: () => readonly HTMLElement[],
  along: () => 'x' | 'y',
  move: (from: number, to: number) => void,
): {
  readonly held: Ref<number | null>;
  readonly over: Ref<number | null>;
  grab(event: PointerEvent, at: number): void;
} {
  const held = ref<number | null>(null);
  const over = ref<number | null>(null);
  let start = 0;
  let finger = -1;
  const at = (event: PointerEvent): number => (along() === 'x' ? event.clientX : event.clientY);

  function track(event: PointerEvent): void {
    if (event.pointerId !== finger || held.value === null) return;
    const here = at(event);
    if (over.value === null && Math.abs(here - start) < SLOP_PX) return;
    const middles = places().map((element) => {
      const { left, width, top, height } = element.getBoundingClientRect();
      return along() === 'x' ? left + width / 2 : top + height / 2;
    });
    const others = middles.filter((_, place) => place !== held.value);
    over.value = others.filter((middle) => middle < here).length;
  }
  function end(): void {
    held.value = null;
    over.value = null;
    finger = -1;
    window.removeEventListener('pointermove', track);
    window.removeEventListener('pointerup', drop);
    window.removeEventListener('pointercancel', end);
    window.removeEventListener('keydown', escape, true);
  }
  function drop(event: PointerEvent): void {
    if (event.pointerId !== finger) return;
    const [from, to] = [held.value, over.value];
    end();
    if (from !== null && to !== null && from !== to) move(from, to);
  }
  function escape(event: KeyboardEvent): void {
    if (event.key !== 'Escape') return;
    event.stopPropagation();
    end();
  }
  function grab(event: PointerEvent, place: number): void {
    if (event.button !== 0 || held.value !== null) return;
    held.value = place;
    start = at(event);
    finger = event.pointerId;
    window.addEventListener('pointermove', track);
    window.addEventListener('pointerup', drop);
    window.addEventListener('pointercancel', end);
    window.addEventListener('keydown', escape, true);
  }
  onBeforeUnmount(end);
  return { held, over, grab };
}
