import { shown, type UnitSystem } from '../units/display';
import type { SchoolRef } from '../water/schema';
import type { Dissent } from '../advice/recommend/other-schools';
import { HANDLING_TEXT } from '../locale/en/handling';
import { QUESTION_TITLE, SCHOOL_WORDS } from '../locale/en/schools';
import { inUnits } from '../units/in-text';
import type { Rig } from '../rig/parts/schema';
import { rigTitles } from './rig-titles';
import * as phrases from '../locale/en/phrases';

/** What a dissent is told by; tickets keep no more of it. */
type Told = Omit<Dissent, 'base'>;

const schoolWords = ({ question, school }: Told) => SCHOOL_WORDS[`${question}:${school}` as SchoolRef];

/**
 * What the other school would tie and why.
 * @param than  the rig it stands beside: the name says what tells them apart
 */
export const dissentText = (dissent: Told, than: Rig, system: UnitSystem): string =>
  dissent.rule
    ? inUnits(HANDLING_TEXT[dissent.rule], system)
    : phrases.falls(
        rigTitles([than, dissent.rig], system)[1] ?? '',
        shown('speed', dissent.fall.speedMps, system),
        inUnits(schoolWords(dissent)?.says ?? '', system),
      );

export const dissentTitle = (dissent: Told, system: UnitSystem): string =>
  phrases.schoolOf(
    QUESTION_TITLE[dissent.question] ?? dissent.question,
    inUnits(schoolWords(dissent)?.name ?? dissent.school, system),
  );
