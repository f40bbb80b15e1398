import { describe, expect, test } from '@jest/globals';
import {
  emptyBox,
  massKgFromOz,
  TRAYS,
  WANT_IDS,
  writeBox,
  writeBoxCsv,
  writeTickets,
  type HeadPart,
  type TrailerPart,
  type Tray,
} from '@core';
import { DEMO_BOX, NORTH_ARM } from '../../demo/brindle-mere';
import { boxOfRows } from '../db/box-of-rows';
import { rowsOfBox } from '../db/box-rows';
import { isMissingPart } from '../missing-part';
import { colourHint, partLine, quantityText, partTitles, tellPart } from './part-text';
import type { PartRow } from '../db/database';
import { readIncoming } from '../files/incoming';
import { tintOf } from './tint';
import { placeOf } from './want-scale';

describe('tint of water', () => {
  const channels = (visibilityM: number): number[] => tintOf(visibilityM).match(/\d+/g)!.map(Number);
  test('mud is dark, clear is light, and it never jumps', () => {
    const light = (visibilityM: number): number => channels(visibilityM).reduce((a, b) => a + b);
    expect(light(0)).toBeLessThan(light(0.5));
    expect(light(0.5)).toBeLessThan(light(4));
    for (let cm = 0; cm < 500; cm += 5) {
      const step = channels(cm / 100).map((channel, i) => Math.abs(channel - channels((cm + 5) / 100)[i]!));
      expect(Math.max(...step)).toBeLessThan(16);
    }
  });
  test('beyond the ramp it stays', () => expect(tintOf(4)).toBe(tintOf(15)));
});

describe('places on the line of a want', () => {
  test('all within the line, in order, weights spread evenly', () => {
    for (const id of WANT_IDS) {
      expect(placeOf(id, -5)).toBe(0);
      expect(placeOf(id, 1e6)).toBe(100);
    }
    const [eighth, quarter, half] = [1 / 8, 1 / 4, 1 / 2].map((oz) => placeOf('weight', massKgFromOz(oz)));
    expect(half! - quarter!).toBeCloseTo(quarter! - eighth!, 6);
    expect(placeOf('push', 50)).toBe(50);
  });
});

describe('a file that is chosen', () => {
  test('a box, a list, tickets: told apart, counted, not yet taken', () => {
    expect(readIncoming(writeBox(DEMO_BOX))).toMatchObject({ ok: true, value: { what: 'parts', count: 66 } });
    for (const tray of TRAYS) {
      const list = readIncoming(writeBoxCsv(DEMO_BOX, tray));
      expect(list).toMatchObject({ ok: true, value: { what: 'parts', count: DEMO_BOX[tray].length } });
    }
  });
  test.each([
    ['an empty box', writeBox(emptyBox()), 'empty-file'],
    ['no tickets', writeTickets([]), 'empty-file'],
    ['a water', JSON.stringify(NORTH_ARM), 'wrong-kind'],
    ['noise', 'hello', 'wrong-header'],
    ['half a file', '{"kind":', 'not-json'],
  ])('%s is refused', (_, text, code) => {
    const read = readIncoming(text);
    expect(read.ok ? '' : read.issues[0]!.code).toBe(code);
  });
  test('a list with an odd colour says so before it is taken', () => {
    const read = readIncoming('kind,length,colour\nchunk,3 in,moonshine\n');
    expect(read).toMatchObject({ ok: true, value: { notes: [{ code: 'unknown-colour', line: 2 }] } });
  });
});

type TrayRow = PartRow & { readonly tray: Tray };

describe('lines of the box', () => {
  const rows = rowsOfBox(DEMO_BOX, new Set(), 0) as TrayRow[];
  const line = (title: string) => rows.map((row) => partLine(row, 'us')).find((found) => found.title === title);
  test('every part reads well in both systems', () => {
    for (const row of rows) {
      for (const system of ['us', 'metric'] as const) {
        const { title, about, out } = partLine(row, system);
        expect(`${title} ${about} ${out ?? ''}`).not.toMatch(/undefined|NaN|null/);
      }
    }
  });
  test('heads say wire, guard and what is special', () => {
    expect(line('1/4 oz finesse football')?.about).toBe('2/0 light wire, 8 fibres');
    expect(line('1 1/4 oz bullet')?.about).toContain('no guard');
    expect(line('3/4 oz football with cams')?.about).toContain('fibres');
    const special: HeadPart = {
      ...DEMO_BOX.heads[0]!,
      metal: 'tungsten',
      nose: 'pointed',
      guard: { kind: 'wire', fibres: 1, lengthMm: 25, spread: 'none', bevel: false },
    };
    const [row] = rowsOfBox({ heads: [special] }, new Set(), 0) as TrayRow[];
    expect(partLine(row!, 'us')).toMatchObject({
      title: '1/4 oz tungsten pointed casting',
      about: '3/0 medium wire, wire guard',
    });
  });
  test('what a head carries names it: a spinnerbait by its blades, a vibrating jig by its plate, a frame until it has blades', () => {
    const [plain] = DEMO_BOX.heads;
    const arms = { upperMm: 58, angleDeg: 55, twistDeg: 0, squeezed: false };
    const blades = [{ shape: 'willow', size: 4, finish: 'gold' }] as const;
    const title = (part: Partial<HeadPart>): string =>
      tellPart('heads', { ...plain!, guard: null, style: 'bullet', finesse: false, weightOz: 0.5, ...part }, 'us')
        .title;
    expect(title({ arms, blades: [...blades] })).toBe('1/2 oz spinnerbait, gold willow 4');
    expect(title({ blade: { size: 'standard', link: 'direct', finish: 'black' } })).toBe(
      '1/2 oz vibrating jig, standard black plate',
    );
    expect(title({ arms })).toMatch(/frame$/);
  });
  test('parts of one list that would read the same say in what they differ; those that are the same do not', () => {
    const [plain] = DEMO_BOX.heads;
    const wire = { ...plain!, hook: { ...plain!.hook, wire: 'heavy' as const } };
    const row = (part: HeadPart) => ({ tray: 'heads' as const, part });
    const [one, other, again] = partTitles([row(plain!), row(wire), row(plain!)], 'us');
    expect(one).not.toBe(other);
    expect(other).toContain('heavy wire');
    expect(again).toBe(one);
    expect(partTitles([row(plain!), row(plain!)], 'us')[0]).toBe(partTitles([row(plain!)], 'us')[0]);
  });
  test('a weighed trailer says so; quantity may be unknown', () => {
    const trailer: TrailerPart = { kind: 'chunk', lengthMm: 76.2, softness: 'soft', colour: 'brown', massG: 8.1 };
    const [row] = rowsOfBox({ trailers: [trailer] }, new Set(), 0) as TrayRow[];
    expect(partLine(row!, 'metric')).toMatchObject({
      title: '76 mm chunk',
      about: 'soft plastic, weighed 8.1 g',
    });
    expect(quantityText(undefined)).toBe('some');
    expect(quantityText(3)).toBe('3');
  });
  test('a colour that counts as natural is said', () => {
    expect(colourHint('moonshine')).toBe('counts as natural');
    expect(colourHint('brown')).toBe('');
    expect(colourHint('')).toBe('');
  });
  test('rows and box are two shapes of the same', () => {
    expect(rowsOfBox(boxOfRows(rows), new Set(), 0)).toEqual(rows);
  });
  test('an id in use gets a new one', () => {
    const used = new Set(rows.map(({ id }) => id));
    for (const { id } of rowsOfBox(boxOfRows(rows), used, 0)) expect(used.has(id)).toBe(false);
  });
});

describe('a part of the app that cannot be fetched', () => {
  test.each([
    ['Failed to fetch dynamically imported module: http://127.0.0.1/assets/x.js', true],
    ['error loading dynamically imported module', true],
    ['Unable to preload CSS for /assets/x.css', true],
    ['x is not a function', false],
  ])('%s: %p', (message, missing) => expect(isMissingPart(new Error(message))).toBe(missing));
  test('anything else is not', () => expect(isMissingPart('text')).toBe(false));
});
