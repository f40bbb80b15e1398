import { DOMImplementation, DOMParser, ParseError, XMLSerializer, type Document, type Element } from '@xmldom/xmldom';
import { fail, issue, ok, type Result } from '../../result';

/** Files of places: GPX 1.1. Ours stands in the extensions of a waypoint, under a name of its own. */
export const GPX_NAMESPACE = 'http://www.topografix.com/GPX/1/1';
export const OUR_NAMESPACE = 'urn:pandero:stop:1';
export const OUR_PREFIX = 'stop';
export const GPX_LIMITS = { chars: 20_000_000, places: 20_000, depth: 200 } as const;

/** Brackets that nest deeper than anything a map holds would keep a reader busy for nothing. */
function isTooDeep(text: string): boolean {
  let depth = 0;
  for (const [tag] of text.matchAll(/<\/?[A-Za-z_][^<>]*>/g)) {
    if (tag.startsWith('</')) depth--;
    else if (!tag.endsWith('/>') && ++depth > GPX_LIMITS.depth) return true;
  }
  return false;
}

/** The tree of an XML text; definitions of its own are refused, since nobody who writes places needs them. */
export function parseXml(text: string): Result<Document> {
  if (text.length > GPX_LIMITS.chars)
    return fail([issue('too-big-a-file', '', { got: text.length, limit: GPX_LIMITS.chars })]);
  if (/<!(DOCTYPE|ENTITY)/i.test(text))
    return fail([issue('not-xml', '', { why: 'it defines words of its own (DOCTYPE)' })]);
  if (isTooDeep(text)) return fail([issue('too-deep', '', { limit: GPX_LIMITS.depth })]);
  try {
    const parser = new DOMParser({
      onError(level, message) {
        if (level !== 'warning') throw new Error(message.split('\n')[0]);
      },
    });
    return ok(parser.parseFromString(text.replace(/^\uFEFF/, ''), 'text/xml'));
  } catch (error) {
    const line = error instanceof ParseError ? error.locator?.lineNumber : undefined;
    const why = (error instanceof Error ? error.message : String(error)).split('\n')[0]!.slice(0, 120);
    return fail([issue('not-xml', '', { why }, line)]);
  }
}

export const childrenOf = (of: Element): readonly Element[] =>
  [...of.childNodes].filter((node): node is Element => node.nodeType === 1);
export const childNamed = (of: Element, name: string): Element | undefined =>
  childrenOf(of).find(({ localName }) => localName === name);
export const textOf = (of: Element | undefined): string => (of?.textContent ?? '').trim();
export const asXml = (node: Element | Document): string =>
  // readers take these two for the end of a line unless they stand as references
  new XMLSerializer().serializeToString(node).replace(/[\u0085\u2028]/g, (sign) => `&#${sign.charCodeAt(0)};`);
export const emptyGpx = (): Document => {
  const made = new DOMImplementation().createDocument(GPX_NAMESPACE, 'gpx', null);
  made.documentElement!.setAttribute('version', '1.1');
  made.documentElement!.setAttribute('creator', 'Pandero');
  return made;
};
