import type { Family } from '@core';
import * as words from '../locale/en/parts';

/** What each family is called on the page. */
export const FAMILY_TITLE: Readonly<Record<Family, string>> = {
  skirted: words.jigs,
  vibrating: words.vibratingJigs,
  spinner: words.spinnerbaits,
};
