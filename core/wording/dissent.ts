import { shown, type UnitSystem } from '../units/display';
import type { SchoolRef } from '../water/schema';
import type { Dissent } from '../advice/recommend/other-schools';
import { QUESTION_TITLE, SCHOOL_WORDS } from '../locale/en/schools';
import { inUnits } from '../units/in-text';
import type { Rig } from '../rig/parts/schema';
import { rigTitles } from './rig-titles';

const schoolWords = ({ question, school }: Dissent) => SCHOOL_WORDS[`${question}:${school}` as SchoolRef];

/**
 * What the other school would tie and why.
 * @param than  the rig it stands beside: the name says what tells them apart
 */
export const dissentText = (dissent: Dissent, than: Rig, system: UnitSystem): string =>
  `${rigTitles([than, dissent.rig], system)[1]}: falls ${shown('speed', dissent.fall.speedMps, system)}. ${inUnits(schoolWords(dissent)?.says ?? '', system)}`;

export const dissentTitle = (dissent: Dissent, system: UnitSystem): string =>
  `${QUESTION_TITLE[dissent.question] ?? dissent.question}: the school “${inUnits(schoolWords(dissent)?.name ?? dissent.school, system)}”`;
