/** What a text can be: JSON and CSV are read here, the others are known by name. */
export type Sniffed = { readonly format: 'json' | 'csv' } | { readonly format: 'foreign'; readonly name: string };

/** Formats that are recognised and not read, by how they begin. */
const FOREIGN: readonly (readonly [name: string, begins: RegExp])[] = [
  ['a GPX file (waypoints and tracks)', /^(<\?xml[^>]*>\s*)?(<!--[\s\S]{0,2000}?-->\s*)?<gpx[\s>]/i],
  ['a KML file (a map)', /^(<\?xml[^>]*>\s*)?<kml[\s>]/i],
  ['a TCX file (a track)', /^(<\?xml[^>]*>\s*)?<TrainingCenterDatabase[\s>]/i],
  ['an SVG drawing', /^(<\?xml[^>]*>\s*)?(<!DOCTYPE svg[^>]*>\s*)?<svg[\s>]/i],
  ['a web page', /^<(!doctype html|html)[\s>]/i],
  ['an XML file', /^<\?xml/i],
  ['an NMEA 0183 recording (a sounder or plotter)', /^(\\[^\\\r\n]*\\)?[$!](P[A-Z]{3}|[A-Z]{2}[A-Z]{3}),/],
  ['a calendar or address file', /^BEGIN:V(CALENDAR|CARD)/i],
  ['a letter or web archive', /^(MIME-Version|From|Received): /],
  ['a rich text document', /^\{\\rtf/],
];

/**
 * Tells what a text is by its contents, never by its name.
 * @param text  the whole file, without a byte-order mark
 */
export function sniff(text: string): Sniffed {
  const start = text
    .slice(0, 4000)
    .replace(/^\uFEFF/, '')
    .trimStart();
  const foreign = FOREIGN.find(([, begins]) => begins.test(start));
  if (foreign) return { format: 'foreign', name: foreign[0] };
  return { format: /^[[{]/.test(start) ? 'json' : 'csv' };
}
