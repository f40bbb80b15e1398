import type { Document, Element } from '@xmldom/xmldom';
import type { Stop } from '../../deck/trip';
import { asXml, childNamed, childrenOf, emptyGpx, GPX_NAMESPACE, OUR_NAMESPACE, OUR_PREFIX, parseXml } from './gpx';

type Placed = Pick<Stop, 'name' | 'minutes' | 'weight' | 'at' | 'coverM' | 'lat' | 'lon' | 'gpx'> & {
  readonly water: Pick<Stop['water'], 'depthM' | 'temperatureC' | 'visibilityM' | 'cover'>;
};

/** Elements of a waypoint that stand before its name, in the order the format asks for. */
const BEFORE_NAME = ['ele', 'time', 'magvar', 'geoidheight'];

/** Letters no XML may hold. */
const clean = (words: string): string => words.replace(/[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff]/g, '');

/** The waypoint a stop came from, or a new one. */
function elementOf(made: Document, { gpx, lat, lon, name }: Placed): Element {
  const parsed = gpx === undefined ? null : parseXml(gpx);
  const came = parsed?.ok ? parsed.value.documentElement : null;
  const element = came ? (made.importNode(came, true) as Element) : made.createElementNS(GPX_NAMESPACE, 'wpt');
  element.setAttribute('lat', String(lat));
  element.setAttribute('lon', String(lon));
  const named = childNamed(element, 'name');
  if (named) named.textContent = clean(name);
  else if (name !== '') {
    const fresh = made.createElementNS(GPX_NAMESPACE, 'name');
    fresh.appendChild(made.createTextNode(clean(name)));
    const after = childrenOf(element).find(({ localName }) => !BEFORE_NAME.includes(localName ?? ''));
    element.insertBefore(fresh, after ?? null);
  }
  return element;
}

function ours(made: Document, stop: Placed): Element {
  const { minutes, weight, at, coverM, water } = stop;
  const { depthM, temperatureC, visibilityM, cover } = water;
  const element = made.createElementNS(OUR_NAMESPACE, `${OUR_PREFIX}:stop`);
  for (const [name, value] of Object.entries({ minutes, weight, at, coverM, depthM, temperatureC, visibilityM }))
    if (value !== undefined) element.setAttribute(name, String(value));
  for (const { kind, density, topM } of cover) {
    const one = made.createElementNS(OUR_NAMESPACE, `${OUR_PREFIX}:cover`);
    one.setAttribute('kind', kind);
    one.setAttribute('density', density);
    if (topM !== undefined) one.setAttribute('topM', String(topM));
    element.appendChild(one);
  }
  return element;
}

/**
 * Stops as GPX 1.1 waypoints, with what others wrote of them and around them.
 * @param rest  the file they came from, without its waypoints
 * @returns     stops without a place are left out: a waypoint has to have one
 */
export function writeGpx(stops: readonly Placed[], rest?: string): string {
  const parsed = rest === undefined ? null : parseXml(rest);
  const made = parsed?.ok && parsed.value.documentElement?.localName === 'gpx' ? parsed.value : emptyGpx();
  const root = made.documentElement!;
  root.setAttribute('creator', 'Pandero');
  root.setAttributeNS('http://www.w3.org/2000/xmlns/', `xmlns:${OUR_PREFIX}`, OUR_NAMESPACE);
  const first = childrenOf(root).find(({ localName }) => localName !== 'metadata') ?? null;
  for (const stop of stops) {
    if (stop.lat === undefined || stop.lon === undefined) continue;
    const element = elementOf(made, stop);
    let extensions = childNamed(element, 'extensions');
    if (!extensions) {
      extensions = made.createElementNS(GPX_NAMESPACE, 'extensions');
      element.appendChild(extensions);
    }
    extensions.appendChild(ours(made, stop));
    root.insertBefore(made.createTextNode('\n  '), first);
    root.insertBefore(element, first);
  }
  return `<?xml version="1.0" encoding="UTF-8"?>\n${asXml(made).replace(/^<\?xml[^>]*\?>\s*/, '')}\n`;
}
