import type { WaterRow } from '../../db/database';
import * as words from '../../locale/en/water';

/** Written out: the browser's own table of dates takes longer to open than the page to draw. */
const MONTHS = [
  words.jan,
  words.feb,
  words.mar,
  words.apr,
  words.may,
  words.jun,
  words.jul,
  words.aug,
  words.sept,
  words.oct,
  words.nov,
  words.dec,
] as const;

/** A day of the calendar, `2026-09-26`, as people write it. */
function dayText(day: string | null): string {
  const [year, month, date] = (day ?? '').split('-').map(Number);
  return year && month && date ? `${date} ${MONTHS[month - 1] ?? ''} ${year}` : '';
}

/** A water by place and day, as people call it. */
export const placeName = ({ place, day }: Pick<WaterRow, 'place' | 'day'>): string =>
  [place || words.waterWithoutName, dayText(day)].filter(Boolean).join(' · ');
