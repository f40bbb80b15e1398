import type { Family } from '@core';

/** What each family is called on the page. */
export const FAMILY_TITLE: Readonly<Record<Family, string>> = {
  skirted: 'Jigs',
  vibrating: 'Vibrating jigs',
  spinner: 'Spinnerbaits',
};
