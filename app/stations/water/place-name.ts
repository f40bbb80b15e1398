import type { WaterRow } from '../../db/database';

const dayText = (day: string | null): string =>
  day === null
    ? ''
    : new Date(`${day}T12:00:00`).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });

/** A water by place and day, as people call it. */
export const placeName = ({ place, day }: Pick<WaterRow, 'place' | 'day'>): string =>
  [place || 'Water without a name', dayText(day)].filter(Boolean).join(' · ');
