import { nextTick, ref } from 'vue';
import type { KeptStop } from '@core';
import { useDeck } from '../../stores/deck';
import { useStopDrag } from './useStopDrag';
import * as words from '../../locale/en/deck';

/** Keys that move a stop towards the beginning and the end of the day. */
const KEYS = { x: ['ArrowLeft', 'ArrowRight'], y: ['ArrowUp', 'ArrowDown'] } as const;

/**
 * Moves the stops of the day by hand, with a mouse, a finger or the arrow keys; what was done is said.
 * @param along  whether they stand beside or under each other
 * @param moved  hears which was moved
 */
export function useStopMoves(
  along: 'x' | 'y',
  stops: () => readonly KeptStop[],
  moved: (id: string) => void = () => undefined,
) {
  const deck = useDeck();
  const elements = ref<HTMLElement[]>([]);
  const says = ref('');
  const handleId = (id: string): string => `stop-handle-${along}-${id}`;

  function move(from: number, to: number): void {
    const stop = stops()[from];
    if (!stop || to < 0 || to >= stops().length) return;
    deck.moveStop(stop.id, to);
    says.value = words.movedTo(words.stopTitle(from + 1, stop.name), to + 1, stops().length);
    moved(stop.id);
  }
  // those of stops that were taken out stand no longer
  const drag = useStopDrag(
    () => elements.value.slice(0, stops().length),
    () => along,
    move,
  );
  async function byKey(event: KeyboardEvent, at: number): Promise<void> {
    const by = KEYS[along].indexOf(event.key as never);
    if (by === -1) return;
    event.preventDefault();
    const { id } = stops()[at]!;
    move(at, by === 0 ? at - 1 : at + 1);
    await nextTick();
    document.getElementById(handleId(id))?.focus();
  }
  return { elements, says, byKey, handleId, ...drag };
}
