import { onBeforeUnmount } from 'vue';

/** How long a button is held before it repeats, and how often it then does, ms. */
const AFTER_MS = 420;
const EVERY_MS = 90;

/** A button that goes on while it is held, with a finger, a pen or a mouse; a short press, and the keyboard's, counts once. */
export function useHeld(act: (by: number) => void) {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let repeated = false;

  function stop(): void {
    clearTimeout(timer);
  }
  function hold(event: PointerEvent, by: number): void {
    if (event.button !== 0) return;
    stop();
    repeated = false;
    const again = (): void => {
      repeated = true;
      act(by);
      timer = setTimeout(again, EVERY_MS);
    };
    timer = setTimeout(again, AFTER_MS);
  }
  /** The click that ends a long hold has had its turns already. */
  function press(event: MouseEvent, by: number): void {
    stop();
    if (repeated && event.detail > 0) repeated = false;
    else act(by);
  }
  onBeforeUnmount(stop);
  /** Listeners of the button that steps by so much. */
  return (by: number) => ({
    onPointerdown: (event: PointerEvent) => hold(event, by),
    onPointerup: stop,
    onPointerleave: stop,
    onPointercancel: stop,
    // a finger that stays would open a menu
    onContextmenu: (event: Event) => event.preventDefault(),
    onClick: (event: MouseEvent) => press(event, by),
  });
}
