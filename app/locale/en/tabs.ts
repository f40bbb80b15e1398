export const theWater = 'The water';
export const thePart = 'The part';
export const theTicket = 'The ticket';
export const theBuild = 'The build';
export const theDay = 'The day';
export const theOuting = 'The outing';
export const theTest = 'The test';
export const theSettings = 'The settings';
export const allOfIt = 'all of it';
export const thereAndHere = (split: string | number, shown: string | number, shown2: string | number): string =>
  `${split} (${shown} there, ${shown2} here)`;
export const changedInBoth = (news: string | number, map: string | number): string =>
  `${news} was changed in the other tab too: ${map}. What stands here was kept.`;
export const takeTheOther = 'Take the other';
export const deletedMeanwhile = (news: string | number): string =>
  `${news} you were changing was deleted meanwhile, in another tab or before, so your change was not stored.`;
export const keepMine = 'Keep mine';
export const changedMeanwhile = (news: string | number): string =>
  `${news} was changed in the other tab meanwhile, so it was not deleted.`;
export const nothing = 'nothing';
