/** Stands in for parts of the PDF writer that turn web pages into PDF: no page is ever turned into one here. */
export default null;
/** Stands in for its reader of PNG pictures: cards are drawn, no picture is put on one. */
export const decode = (): never => {
  throw new Error('no picture is put on a card');
};
