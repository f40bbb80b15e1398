import { shown, type UnitSystem } from '../../units/display';
import type { SchoolRef } from '../../water/schema';
import type { Dissent } from '../other-schools';
import { QUESTION_TITLE, SCHOOL_WORDS } from './schools-en';
import { rigTitle } from './speak-values';

const schoolWords = ({ question, school }: Dissent) => SCHOOL_WORDS[`${question}:${school}` as SchoolRef];

/** What the other school would tie and why. */
export const dissentText = (dissent: Dissent, system: UnitSystem): string =>
  `${rigTitle(dissent.rig, system)}: falls ${shown('speed', dissent.fall.speedMps, system)}. ${schoolWords(dissent)?.says ?? ''}`;

export const dissentTitle = (dissent: Dissent): string =>
  `${QUESTION_TITLE[dissent.question] ?? dissent.question}: the school “${schoolWords(dissent)?.name ?? dissent.school}”`;
