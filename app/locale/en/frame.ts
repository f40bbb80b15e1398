export const skipToTheWork = 'Skip to the work';
export const toTheWater = 'Pandero, to the water';
export const pandero = 'Pandero';
export const stations = 'Stations';
export const handbook = 'Handbook';
export const keyboardAndHelp = 'Keyboard and help';
export const undo = 'Undo';
export const demoFilled = (count: number): string => `${count} made-up parts from Brindle Mere are in your box.`;
export const newVersionWaits =
  'A new version of Pandero is here and waits. Once it is taken, every open page starts anew with it; all that was entered stays.';
export const takeTheNewVersion = 'Take the new version';
export const ourOwnFault = (error: string): string =>
  `Something went wrong here, which is our own fault: ${error}. What you entered is kept; reload the page.`;
export const partNotFetched =
  'This part of the app could not be fetched: the server that brought the page does not answer. What you entered is kept; start it again, then try once more.';
export const water = 'Water';
export const pick = 'Pick';
export const bench = 'Bench';
export const tank = 'Tank';
export const deck = 'Deck';
export const log = 'Log';
export const box = 'Box';
export const tickets = 'Tickets';
export const ticket = 'Ticket';
export const files = 'Files';
export const saving = (percent: number): string => `Saving ${percent} %`;
export const metric = 'metric';
export const us = 'US';
export const switchUnits = (units: string): string => `Units: ${units}. Switch`;
export const unitsUs = 'in · oz';
export const unitsMetric = 'mm · g';
export const switchTheme = (theme: string): string => `Theme: ${theme}. Switch`;
export const night = 'Night';
export const day = 'Day';
export const news = 'News';
export const problems = 'Problems';
export const later = 'Later';
export const understood = 'Understood';
export const coverOf = (name: string, others: number): string => (others === 0 ? name : `${name} +${others}`);
export const noCover = 'no cover';
export const editTheWater = (water: string): string => `The water: ${water}. Edit it`;
export const ranking = 'Ranking';
export const rankingFailed = (bug: string): string =>
  `Ranking failed, which is our own fault: ${bug}. Reload the page; what you entered is kept.`;
export const buildChangedElsewhere = 'This build was changed in the other tab.';
export const buildDeleted = 'Build deleted.';
export const waterChangedElsewhere = 'This water was changed in the other tab.';
export const theme = { light: 'light', night: 'night' } as const;
export const outSince = 'out since';
