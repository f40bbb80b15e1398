import { PART_LIMITS } from '../../rig/parts/schema';
import type { Element } from '@xmldom/xmldom';
import { fail, issue, ok, type Issue, type Result } from '../../result';
import { TRIP_LIMITS, type Stop } from '../../deck/trip';
import { COVER_KINDS, DENSITIES, WATER_LIMITS, type Water } from '../../water/schema';
import { asXml, childNamed, childrenOf, GPX_LIMITS, OUR_NAMESPACE, parseXml, textOf } from './gpx';

/** A place of a file, as far as it says what a stop needs. */
export interface GpxPlace extends Pick<Stop, 'name' | 'minutes' | 'weight' | 'at' | 'coverM'> {
  readonly lat: number;
  readonly lon: number;
  /** what it says of the water */
  readonly water: Partial<Pick<Water, 'depthM' | 'temperatureC' | 'visibilityM' | 'cover' | 'bottom'>>;
  /** the waypoint as it came, without what is ours */
  readonly gpx?: string;
}
export interface GpxFile {
  readonly places: readonly GpxPlace[];
  /** the file without its waypoints: tracks, routes and what else others wrote; null where there is nothing or too much */
  readonly rest: string | null;
  readonly notes: readonly Issue[];
}

/** Minutes of a place nobody gave any. */
export const USUAL_MINUTES = 30;

interface Range {
  readonly min: number;
  readonly max: number;
}
/** A number of an attribute or element; problems name it. */
function numberIn(text: string, { min, max }: Range, path: string, issues: Issue[]): number | undefined {
  if (text === '') return undefined;
  const value = Number(text);
  if (!Number.isFinite(value)) issues.push(issue('not-a-number', path, { got: text.slice(0, 40) }));
  else if (value < min) issues.push(issue('too-small', path, { got: value, limit: min }));
  else if (value > max) issues.push(issue('too-large', path, { got: value, limit: max }));
  else return value;
  return undefined;
}

const OURS_NUMBERS = {
  depthM: WATER_LIMITS.depthM,
  temperatureC: WATER_LIMITS.temperatureC,
  visibilityM: WATER_LIMITS.visibilityM,
  minutes: TRIP_LIMITS.minutes,
  weight: TRIP_LIMITS.weight,
  coverM: TRIP_LIMITS.coverM,
} as const;

function coverIn(of: Element, path: string, issues: Issue[]): Water['cover'] {
  return childrenOf(of)
    .filter(({ localName, namespaceURI }) => localName === 'cover' && namespaceURI === OUR_NAMESPACE)
    .flatMap((element): Water['cover'] => {
      const kind = COVER_KINDS.find((one) => one === element.getAttribute('kind'));
      const density = DENSITIES.find((one) => one === element.getAttribute('density'));
      if (!kind)
        issues.push(
          issue('not-one-of', `${path}.cover.kind`, {
            got: String(element.getAttribute('kind')),
            allowed: COVER_KINDS.join(' '),
          }),
        );
      if (!density)
        issues.push(
          issue('not-one-of', `${path}.cover.density`, {
            got: String(element.getAttribute('density')),
            allowed: DENSITIES.join(' '),
          }),
        );
      const topM = numberIn(
        element.getAttribute('topM') ?? '',
        { min: 0, max: WATER_LIMITS.depthM.max },
        `${path}.cover.topM`,
        issues,
      );
      return kind && density ? [{ kind, density, ...(topM === undefined ? {} : { topM }) }] : [];
    });
}

/** What is left of an element once what is ours was read. */
function withoutOurs(of: Element): void {
  for (const child of childrenOf(of)) {
    if (child.namespaceURI === OUR_NAMESPACE) of.removeChild(child);
    else if (child.localName === 'extensions') {
      withoutOurs(child);
      if (childrenOf(child).length === 0) of.removeChild(child);
    }
  }
}

function placeOf(element: Element, at: number, issues: Issue[]): GpxPlace | null {
  const path = `wpt[${at}]`;
  const before = issues.length;
  const lat = numberIn(element.getAttribute('lat') ?? '', TRIP_LIMITS.lat, `${path}.lat`, issues);
  const lon = numberIn(element.getAttribute('lon') ?? '', TRIP_LIMITS.lon, `${path}.lon`, issues);
  if (issues.length === before) {
    if (lat === undefined) issues.push(issue('missing', `${path}.lat`));
    if (lon === undefined) issues.push(issue('missing', `${path}.lon`));
  }
  const ours = childrenOf(element)
    .filter(({ localName }) => localName === 'extensions')
    .flatMap(childrenOf)
    .find(({ localName, namespaceURI }) => localName === 'stop' && namespaceURI === OUR_NAMESPACE);
  const numbers = Object.fromEntries(
    Object.entries(OURS_NUMBERS).map(([name, range]) => [
      name,
      numberIn(ours?.getAttribute(name) ?? '', range, `${path}.${name}`, issues),
    ]),
  ) as Partial<Record<keyof typeof OURS_NUMBERS, number>>;
  const cover = ours ? coverIn(ours, path, issues) : [];
  const clock = ours?.getAttribute('at') ?? '';
  const isClock = /^([01]\d|2[0-3]):[0-5]\d$/.test(clock);
  if (clock !== '' && !isClock)
    issues.push(issue('wrong-type', `${path}.at`, { got: clock, expected: 'a time such as 06:40' }));
  if (lat === undefined || lon === undefined || issues.length > before) return null;
  const { minutes = USUAL_MINUTES, weight, coverM, ...water } = numbers;
  const name = textOf(childNamed(element, 'name')).slice(0, PART_LIMITS.text).trim();
  withoutOurs(element);
  const gpx = asXml(element);
  const known = <T>(fields: Readonly<Record<string, T | undefined>>): Record<string, T> =>
    Object.fromEntries(Object.entries(fields).filter((field): field is [string, T] => field[1] !== undefined));
  return {
    ...{ name, lat, lon, minutes },
    ...known({ weight, coverM }),
    ...(isClock ? { at: clock } : {}),
    water: { ...known(water), ...(cover.length > 0 ? { cover } : {}) },
    ...(gpx.length <= TRIP_LIMITS.foreign ? { gpx } : {}),
  };
}

/**
 * Reads the places of a GPX file: its waypoints, or the points of its routes where it has none. What others wrote is kept as it came.
 * Problems name the waypoint and the field; one is enough for nothing to be taken.
 */
export function readGpx(text: string): Result<GpxFile> {
  const parsed = parseXml(text);
  if (!parsed.ok) return parsed;
  const root = parsed.value.documentElement;
  if (!root || root.localName !== 'gpx') return fail([issue('not-xml', '', { why: 'it holds no GPX' })]);
  const waypoints = childrenOf(root).filter(({ localName }) => localName === 'wpt');
  const routed = childrenOf(root)
    .filter(({ localName }) => localName === 'rte')
    .flatMap(childrenOf)
    .filter(({ localName }) => localName === 'rtept');
  const elements = waypoints.length > 0 ? waypoints : routed;
  if (elements.length === 0) return fail([issue('no-places', '')]);
  if (elements.length > GPX_LIMITS.places)
    return fail([issue('too-many-rows', '', { got: elements.length, limit: GPX_LIMITS.places })]);
  const issues: Issue[] = [];
  const isWaypoints = waypoints.length > 0;
  const places = elements.flatMap((element, at) => placeOf(element, at, issues) ?? []);
  if (issues.length > 0) return fail(issues);
  for (const element of waypoints) root.removeChild(element);
  const rest = childrenOf(root).length === 0 ? null : asXml(parsed.value);
  const isTooMuch = rest !== null && rest.length > TRIP_LIMITS.foreign;
  return ok({
    // points of a route stay in their route: as stops they are ours
    places: isWaypoints ? places : places.map(({ gpx: _gpx, ...place }) => place),
    rest: isTooMuch ? null : rest,
    notes: isTooMuch ? [issue('rest-too-long', '', { got: rest.length, limit: TRIP_LIMITS.foreign })] : [],
  });
}
