import * as phrases from '../locale/en/formats';
/** What a text can be: JSON and CSV are read here, the others are known by name. */
export type Sniffed = { readonly format: 'json' | 'csv' } | { readonly format: 'foreign'; readonly name: string };

/** Formats that are recognised and not read, by how they begin. */
const FOREIGN: readonly (readonly [name: string, begins: RegExp])[] = [
  [phrases.gpxFileWaypointsTracks, /^(<\?xml[^>]*>\s*)?(<!--[\s\S]{0,2000}?-->\s*)?<gpx[\s>]/i],
  [phrases.kmlFileMap, /^(<\?xml[^>]*>\s*)?<kml[\s>]/i],
  [phrases.tcxFileTrack, /^(<\?xml[^>]*>\s*)?<TrainingCenterDatabase[\s>]/i],
  [phrases.anSvgDrawing, /^(<\?xml[^>]*>\s*)?(<!DOCTYPE svg[^>]*>\s*)?<svg[\s>]/i],
  [phrases.aWebPage, /^<(!doctype html|html)[\s>]/i],
  [phrases.anXmlFile, /^<\?xml/i],
  [phrases.nmea0183RecordingSounder, /^(\\[^\\\r\n]*\\)?[$!](P[A-Z]{3}|[A-Z]{2}[A-Z]{3}),/],
  [phrases.calendarOrAddressFile, /^BEGIN:V(CALENDAR|CARD)/i],
  [phrases.letterOrWebArchive, /^(MIME-Version|From|Received): /],
  [phrases.richTextDocument, /^\{\\rtf/],
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
