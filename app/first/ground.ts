import { createPinia, setActivePinia } from 'pinia';
import { useAdvice } from '../stores/advice';
import { useBox } from '../stores/box';
import { useKeeping } from '../stores/keeping';
import { useLearned } from '../stores/learned';
import { useSettings } from '../stores/settings';
import { useWater } from '../stores/water';
import { showsAnswer } from './warm-ranker';

/**
 * What is computed and kept at the first view, without anything that is drawn. The store is read and the answer asked for from here,
 * while the rest of the page is still being put up.
 */
export const pinia = createPinia();

async function read(): Promise<void> {
  setActivePinia(pinia);
  useKeeping().start();
  useBox();
  await Promise.all([useSettings().load(), useLearned().load(), useWater().load()]);
  if (showsAnswer()) useAdvice();
}

let reading: Promise<void> | null = null;
/** Reads settings, water and box, once; done when the first two are there. */
export const readStore = (): Promise<void> => (reading ??= read());
