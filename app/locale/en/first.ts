export const pandero = 'Pandero';
export const partPanderoCouldNot =
  'A part of Pandero could not be loaded: the server or the signal may be gone. What you entered is kept; reload the page.';
export const tieOnAsWas = 'Tie on, as it was last';
export const lookingAtAgain = 'Looking at it again…';
export const fromTheSide = (title: string | number): string => `${title}, from the side`;
