import type { TrailerHookVerdict, Unlike } from '../log';
import * as words from '../locale/en/log';

const percent = (share: number): string => `${Math.round(100 * share)} %`;
export const unlikeText = ({ what, one, other, share }: Unlike): string =>
  words.UNLIKE_TEXT[what](one, other, percent(share));
export const verdictText = (verdict: TrailerHookVerdict): string =>
  words.verdictText(verdict, percent(verdict.chance), percent(verdict.bitesGivenUp), percent(verdict.breakEven));
