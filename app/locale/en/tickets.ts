import { plural } from '../intl';

export const nameWord = 'Name';
export const print = 'Print';
export const toTheBench = 'To the bench';
export const exportIt = 'Export';
export const deleteIt = 'Delete';
export const allTickets = 'All tickets';
export const yourNote = 'Your note';
export const noSuchTicket = 'No such ticket';
export const notInThisBrowser =
  'This ticket is not in this browser. It may have been deleted, or it belongs to another machine:';
export const seeAllTickets = 'see all tickets';
export const orImportItsFile = 'or import its file.';
export const panderoTicketOf = 'Pandero ticket ·';
export const forWord = 'For';
export const numbers = 'Numbers';
export const whatItDoes = 'What it does';
export const wantedAndGiven = 'Wanted and given';
export const whatWasAskedFor = 'What was asked for';
export const cutList = 'Cut list';
export const why = 'Why';
export const wouldTieThis = ', would tie:';
export const note = 'Note:';
export const takeCare = 'Take care';
export const exportTickets = 'Export tickets';
export const importIt = 'Import…';
export const ticketsCannotRead = 'Tickets cannot be read.';
export const noTicketYet = 'No ticket yet.';
export const pickARig = 'Pick a rig';
export const howToWriteOne =
  ', open its row and write one: it keeps the rig, its numbers and its reasons, and it prints.';
export const falls = '· falls';
export const changedElsewhere = 'This ticket was changed in the other tab.';
export const ticketDeleted = 'Ticket deleted.';
export const visibility = (visibility: string | number): string => `${visibility} visibility`;
export const deep = (depth: string | number): string => `${depth} deep`;
export const noCover = 'no cover';
export const saidOf = {
  season: (season: string): string => season,
  mood: (mood: string): string => `${mood} fish`,
  bottom: (bottom: string): string => `${bottom} bottom`,
} as const;
export const theyEat = (food: string): string => `they eat ${food}`;
export const assumedSince = 'Taken for granted, since nobody said:';
export const bottomUnknown = 'the bottom counted for nothing';
export const foodUnknown = 'what they eat counted for nothing';
export const hookWire = (size: string | number, wire: string | number): string => `${size} hook, ${wire} wire`;
export const wireGuard = 'wire guard';
export const guardFibres = (fibres: string | number): string => `${fibres} guard fibres`;
export const noGuard = 'no guard';
export const strands = (strands: string | number, material: string | number, colour: string | number): string =>
  `${strands} strands ${material}, ${colour}`;
export const noSkirt = 'no skirt';
export const trailer = (colour: string | number, softness: string | number): string => `trailer ${colour}, ${softness}`;
export const keeper = (keeper: string | number): string => `${keeper} keeper`;
export const rulesEntered = (join: string | number): string => `Entered as the rules of this place: ${join}.`;
export const fromSideWithRule = (title: string | number): string => `${title}, from the side, with a rule`;
export const fromAbove = (title: string | number): string => `${title}, from above`;
export const fromTheSide = (title: string | number): string => `${title}, from the side`;
export const deleteTicket = (ticket: string | number): string => `Delete ${ticket}`;
export const tickets = (count: number): string => plural(count, { one: '1 ticket', other: `${count} tickets` });
export const showMore = (count: number): string => `Show more (${count} older)`;
export const itAnswered = (points: number): string =>
  `It answered ${points} of 100 parts of what this water asked for.`;
