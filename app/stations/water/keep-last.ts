import { keepLastAnswer } from '../../first/last-answer';
import { drawnPaths } from '../../first/last-sheet';
import { useSettings } from '../../stores/settings';
import { whenIdle } from '../../when-idle';

/** Keeps what stands on the sheet for the next visit; a sheet that is gone, since nothing can be tied on, forgets it. */
export async function keepLast(sheet: HTMLElement | null): Promise<void> {
  await whenIdle(() => Promise.resolve());
  const svg = sheet?.querySelector('svg');
  const title = sheet?.querySelector('.tie-on__title')?.textContent ?? '';
  if (!svg) return keepLastAnswer(null);
  const { theme } = useSettings().settings;
  keepLastAnswer({ version: 1, theme: theme === 'night' ? 'night' : 'light', title, ...drawnPaths(svg) });
}
