import { oneLine, type Clash } from '@core';
import type { KeeperNews } from '../db/keeper-news';
import type { KindName } from '../db/kinds';
import type { Problem } from './notices';
import * as words from '../locale/en/tabs';

const TITLES: Readonly<Record<KindName, string>> = {
  water: words.theWater,
  part: words.thePart,
  ticket: words.theTicket,
  build: words.theBuild,
  trip: words.theDay,
  outing: words.theOuting,
  test: words.theTest,
  setting: words.theSettings,
};

const shown = (value: unknown): string => {
  if (value === undefined) return words.nothing;
  const text = oneLine(typeof value === 'string' ? value : JSON.stringify(value));
  return text.length > 40 ? `${text.slice(0, 40)}…` : text;
};
const clashText = ({ path, mine, theirs }: Clash): string =>
  path.length === 0 || typeof mine === 'object' || typeof theirs === 'object'
    ? (path.at(-1) ?? words.allOfIt)
    : words.thereAndHere(path.at(-1)!, shown(theirs), shown(mine));

/** Says what another tab did to what was changed here, with the way to the other outcome. */
export function tellTabNews(
  news: KeeperNews,
  notices: { raise(problem: Problem): void; say(text: string): void },
): void {
  switch (news.what) {
    case 'clash': {
      const text = words.changedInBoth(TITLES[news.kind], news.clashes.map(clashText).join(', '));
      return notices.raise({ text, action: { label: words.takeTheOther, run: news.takeTheirs } });
    }
    case 'gone': {
      const text = words.deletedMeanwhile(TITLES[news.kind]);
      return notices.raise({ text, action: { label: words.keepMine, run: news.keepMine } });
    }
    case 'stays':
      return notices.say(words.changedMeanwhile(TITLES[news.kind]));
    // not of another tab: `stores/keeping.ts` says these
    case 'not-stored':
    case 'stored-at-last':
    case 'refused':
    case 'unreadable':
    case 'unreadable-rows':
    case 'cannot-read':
      return;
  }
}
