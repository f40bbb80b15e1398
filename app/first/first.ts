/**
 * The first script of the page, small enough to run before anything is painted: it shows the last answer where there is one, has the
 * worker that ranks started, and then lets the app in piece by piece, a task for each, so that none holds the screen.
 */
import '../theme/fonts.css';
import '../theme/outline.css';
import './first.css';
import { LIGHT, NIGHT } from '../theme/theme';
import { lastAnswer } from './last-answer';
import { lastSheet } from './last-sheet';
import { breath, nextPaint } from './breath';
import { markOpening } from './opening';
import { warmRanker } from './warm-ranker';
import * as words from '../locale/en/first';

/** Time a page that was put up takes to fetch what its station and `later` ask for, ms. */
const SETTLED_MS = 5000;

/** Hash of a visit that begins on Water. */
const ON_WATER = /^#?\/?(water)?$/;

function paintLast(): boolean {
  const last = lastAnswer();
  const app = document.getElementById('app');
  if (last === null || app === null || !ON_WATER.test(location.hash)) return false;
  const page = document.createElement('div');
  page.className = `early early--${last.theme}`;
  const colours = (last.theme === 'night' ? NIGHT : LIGHT).colors ?? {};
  for (const [role, hex] of Object.entries(colours)) {
    const rgb = [1, 3, 5].map((at) => Number.parseInt(String(hex).slice(at, at + 2), 16));
    page.style.setProperty(`--v-theme-${role}`, rgb.join(','));
  }
  const head = document.createElement('div');
  head.className = 'early__head';
  head.textContent = words.pandero;
  const tie = document.createElement('div');
  tie.className = 'early__tie';
  tie.append(lastSheet(last));
  page.append(head, tie);
  app.replaceChildren(page);
  return true;
}

async function begin(): Promise<void> {
  if (paintLast()) await nextPaint();
  warmRanker();
  // each of these is a part of what the next one needs
  await import('./libraries');
  await breath();
  await import('./data-libraries');
  await breath();
  await import('./core');
  await breath();
  const { readStore } = await import('./ground');
  await breath();
  void readStore();
  await breath();
  await import('../vuetify');
  await breath();
  const { start } = await import('../main');
  await start();
  await new Promise((resolve) => setTimeout(resolve, SETTLED_MS));
}
const opened = begin();
markOpening(opened);
opened.catch(() => {
  const says = document.createElement('p');
  says.setAttribute('role', 'alert');
  says.textContent = words.partPanderoCouldNot;
  document.getElementById('app')?.prepend(says);
});
