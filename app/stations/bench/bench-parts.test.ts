import { describe, expect, test } from '@jest/globals';
import {
  BENCH_PARTS,
  READOUT_IDS,
  rigBody,
  rigHeadOn,
  rigOutline,
  trailerSheet,
  type BenchView,
  type Outline,
  type Rig,
} from '@core';
import { jig, spinner } from '../../../core/testing/fixtures/rigs';
import { partText } from './part-lines';
import { readoutPlace } from './readout-scale';
import { around, layOutSheet } from './sheet-layout';

function drawings(rig: Rig): Partial<Record<BenchView, Outline>> {
  const body = rigBody(rig);
  const sheet = trailerSheet(rig);
  return {
    side: rigOutline(rig, body, 'side'),
    top: rigOutline(rig, body, 'top'),
    front: rigHeadOn(rig, body, 0.1),
    ...(sheet ? { sheet } : {}),
  };
}

describe('the sheet', () => {
  test.each([
    ['a jig', jig({ trailer: 'flapper-craw' }), false],
    ['a jig on a phone', jig({ trailer: 'flapper-craw' }), true],
    ['a spinner', spinner([['colorado', 4]], { trailer: 'paddle-tail' }), false],
    ['a bare jig', jig({ trailer: null, strands: 0 }), true],
  ])('%s: no drawing lies on another or off the sheet', (_, rig, narrow) => {
    const drawn = drawings(rig);
    const layout = layOutSheet(drawn, narrow, !!rig.trailer, { width: 780, height: 430 });
    const boxes = layout.views.map(({ view, x, y }) => {
      const { bounds } = drawn[view]!;
      return { x: bounds.x + x, y: bounds.y + y, width: bounds.width, height: bounds.height };
    });
    expect(boxes).toHaveLength(Object.keys(drawn).length);
    for (const [at, box] of boxes.entries()) {
      expect(box.x).toBeGreaterThanOrEqual(0);
      expect(box.y).toBeGreaterThanOrEqual(0);
      expect(box.x + box.width).toBeLessThanOrEqual(layout.widthMm);
      expect(box.y + box.height).toBeLessThanOrEqual(layout.heightMm);
      for (const other of boxes.slice(at + 1)) {
        const apart =
          box.x + box.width <= other.x ||
          other.x + other.width <= box.x ||
          box.y + box.height <= other.y ||
          other.y + other.height <= box.y;
        expect(apart).toBe(true);
      }
    }
  });
  test('the zero of the rule lies under the nose of the head', () => {
    const layout = layOutSheet(drawings(jig()), false, true, { width: 780, height: 430 });
    expect(layout.rule.x).toBeCloseTo(layout.views.find(({ view }) => view === 'side')!.x, 6);
  });
  test('the way that shows them larger is taken', () => {
    const drawn = drawings(jig({ trailer: 'flat-bug' }));
    const [low, high] = [
      { width: 1200, height: 300 },
      { width: 500, height: 900 },
    ].map((room) => layOutSheet(drawn, false, true, room));
    expect(low!.heightMm).toBeLessThan(high!.heightMm);
    expect(low!.widthMm).toBeGreaterThan(high!.widthMm);
  });
  test('the box around boxes', () => {
    expect(
      around([
        { x: 0, y: 0, width: 2, height: 1 },
        { x: -3, y: 4, width: 1, height: 1 },
      ]),
    ).toEqual({ x: -3, y: 0, width: 5, height: 5 });
  });
});

describe('lines of the stack', () => {
  test('say what was done, in the units of the reader', () => {
    const rig = jig({ trailer: 'flat-bug', more: { cutNoseMm: 12.2, splitTails: true, orientation: 'edge' } });
    expect(partText('trailer', rig, 'metric').state).toBe('12 mm off the nose, tails split, on edge');
    expect(partText('trailer', rig, 'us').state).toContain('0.48 in off the nose');
    expect(partText('trailer', jig({ trailer: 'chunk' }), 'us').state).toBe('green pumpkin, whole, flat');
    const bent: Rig = { ...spinner(), arms: { upperMm: 60, angleDeg: 55, twistDeg: -7, squeezed: true } };
    expect(partText('arms', bent, 'us').state).toBe('7° to the left, pressed');
  });
  test('a rig without a part has words for it', () => {
    const bare: Rig = { ...jig({ trailer: null, strands: 0 }), guard: null };
    for (const part of BENCH_PARTS) expect(partText(part, bare, 'metric').name).not.toMatch(/undefined|NaN/);
    expect(partText('guard', bare, 'us').name).toBe('None');
  });
});

test('read-outs stay on their lines', () => {
  for (const id of READOUT_IDS) {
    if (id === 'roll-up') {
      expect(readoutPlace(id, 1)).toBeNull();
      continue;
    }
    expect(readoutPlace(id, -1e9)).toBe(0);
    expect(readoutPlace(id, 1e9)).toBe(100);
  }
});
