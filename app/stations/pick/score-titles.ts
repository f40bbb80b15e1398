import { WANT_TITLE, type ScorePartId, type WantId } from '@core';
import { scorePart } from '../../locale/en/pick';

/** What a part of a score is called: a want by its own name. */
export const titleOfPart = (part: ScorePartId): string =>
  part.startsWith('want:')
    ? WANT_TITLE[part.slice('want:'.length) as WantId]
    : scorePart[part as keyof typeof scorePart];
