import { oneLine, type Clash } from '@core';
import type { KeeperNews } from '../db/keeper-news';
import type { KindName } from '../db/kinds';
import type { Problem } from './notices';

const TITLES: Readonly<Record<KindName, string>> = {
  water: 'The water',
  part: 'The part',
  ticket: 'The ticket',
  build: 'The build',
  setting: 'The settings',
};

const shown = (value: unknown): string => {
  if (value === undefined) return 'nothing';
  const text = oneLine(typeof value === 'string' ? value : JSON.stringify(value));
  return text.length > 40 ? `${text.slice(0, 40)}…` : text;
};
const clashText = ({ path, mine, theirs }: Clash): string =>
  path === '' || typeof mine === 'object' || typeof theirs === 'object'
    ? path.split('.').at(-1) || 'all of it'
    : `${path.split('.').at(-1)!} (${shown(theirs)} there, ${shown(mine)} here)`;

/** Says what another tab did to what was changed here, with the way to the other outcome. */
export function tellTabNews(
  news: KeeperNews,
  notices: { raise(problem: Problem): void; say(text: string): void },
): void {
  switch (news.what) {
    case 'clash': {
      const text = `${TITLES[news.kind]} was changed in the other tab too: ${news.clashes.map(clashText).join(', ')}. What stands here was kept.`;
      return notices.raise({ text, action: { label: 'Take the other', run: news.takeTheirs } });
    }
    case 'gone': {
      const text = `${TITLES[news.kind]} you were changing was thrown away meanwhile, in another tab or before, so your change was not stored.`;
      return notices.raise({ text, action: { label: 'Keep mine', run: news.keepMine } });
    }
    case 'stays':
      return notices.say(`${TITLES[news.kind]} was changed in the other tab meanwhile, so it was not thrown away.`);
    // not of another tab: `stores/keeping.ts` says these
    case 'not-stored':
    case 'stored-at-last':
    case 'refused':
    case 'unreadable':
      return;
  }
}
