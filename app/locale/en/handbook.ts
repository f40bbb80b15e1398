import { plural } from '../intl';

export const handbook = 'Handbook';
export const lookFor = 'Look for';
export const chapters = 'Chapters';
export const noneFound = 'No rule speaks of that. Look for fewer words, or a part of one: “claw”, “willow”, “guard”.';
export const counts = '· counts';
export const school = '· school:';
export const always = 'Always';
export const when = (when: string | number): string => `When ${when}`;
export const whatItHolds = (rules: number, checks: number): string =>
  `The ${rules} rules by which rigs are judged, and ${checks} checks of any rig. A rule is advice, not law; local rules and your licence come first. Tap a line to read what speaks against it.`;
export const rulesFound = (count: number): string => plural(count, { one: '1 rule', other: `${count} rules` });
export const sectionsFound = 'Sections:';
