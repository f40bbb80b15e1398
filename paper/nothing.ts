/** Stands in for parts of the PDF writer that turn web pages into PDF: no page is ever turned into one here. */
export default null;
