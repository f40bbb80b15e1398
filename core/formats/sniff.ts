import * as formats from '../locale/en/formats';
/** What a text can be: JSON and CSV are read here, the others are known by name. */
export type Sniffed =
  { readonly format: 'json' | 'csv' | 'gpx' | 'nmea' } | { readonly format: 'foreign'; readonly name: string };

const GPX = /^(<\?xml[^>]*>\s*)?(<!--[\s\S]{0,2000}?-->\s*)?<gpx[\s>/]/i;
const NMEA = /^(\\[^\\\r\n]*\\)?[$!](P[A-Z]{3}|[A-Z]{2}[A-Z]{3}),/;
/** Formats that are recognised and not read, by how they begin. */
const FOREIGN: readonly (readonly [name: string, begins: RegExp])[] = [
  [formats.kml, /^(<\?xml[^>]*>\s*)?<kml[\s>]/i],
  [formats.tcx, /^(<\?xml[^>]*>\s*)?<TrainingCenterDatabase[\s>]/i],
  [formats.svg, /^(<\?xml[^>]*>\s*)?(<!DOCTYPE svg[^>]*>\s*)?<svg[\s>]/i],
  [formats.webPage, /^<(!doctype html|html)[\s>]/i],
  [formats.xml, /^<\?xml/i],
  [formats.calendar, /^BEGIN:V(CALENDAR|CARD)/i],
  [formats.letter, /^(MIME-Version|From|Received): /],
  [formats.richText, /^\{\\rtf/],
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
  if (GPX.test(start)) return { format: 'gpx' };
  if (NMEA.test(start)) return { format: 'nmea' };
  const foreign = FOREIGN.find(([, begins]) => begins.test(start));
  if (foreign) return { format: 'foreign', name: foreign[0] };
  return { format: /^[[{]/.test(start) ? 'json' : 'csv' };
}
