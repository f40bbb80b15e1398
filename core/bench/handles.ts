import { guardLine, trailerFromMm } from '../rig/outline/rig-outline';
import { skirtReachMm } from '../rig/outline/skirt-outline';
import { DEFAULT_ARMS, type Rig } from '../rig/parts/schema';
import { armMarks } from '../rig/outline/frame-outline';
import { armTipHeadOn } from '../rig/outline/head-on';
import { hookMarks } from '../rig/outline/hook-shape';
import { halfWidthsMm, webMm } from '../rig/outline/trailer-sheet';
import { profileAt } from '../rig/body/trailer-body';
import { STUB_MM, type RigBody } from '../rig/body/body';
import { CRAWL_MPS } from '../rig/body/skirt-shape';
import type { PointMm } from '../rig/outline/curve';
import { COLLAR_MM } from '../tackle/skirts';
import { TRAILERS } from '../tackle/trailers';
import { mmFromLengthM, radFromDeg } from '../units/units';
import { coreIsCutOut, editOf, hasJoinedTails, type EditId } from '../edits/edits';

/** Drawings of the bench: the build from three sides, and its trailer on the board before it is hung. */
export const BENCH_VIEWS = ['side', 'top', 'front', 'sheet'] as const;
export type BenchView = (typeof BENCH_VIEWS)[number];

/** A place on a drawing that can be dragged, mm in that drawing. */
export interface Handle {
  readonly edit: EditId;
  readonly view: BenchView;
  readonly at: PointMm;
  /** way of the handle for one more unit: mm, count, degree */
  readonly perUnit?: PointMm;
  /** middle it turns about, and the direction that is zero; positive turns to the right */
  readonly turns?: { readonly about: PointMm; readonly zeroRad: number };
  /** words it snaps to, each at its place */
  readonly places?: readonly { readonly value: string; readonly at: PointMm }[];
}

/** Radius of the dial that turns a trailer, mm. */
export const DIAL_MM = 27;
/** Way of a handle for one strand or fibre, and for one leg, mm. */
const PER_STRAND_MM = 0.4;
const PER_FIBRE_MM = 0.6;
const PER_LEG_MM = 6;
/** How far a handle stands off what it moves, mm. */
const OFF_MM = 4;

const along = (edit: EditId, view: BenchView, at: PointMm, perUnit: PointMm): Handle => ({ edit, view, at, perUnit });
const places = (rig: Rig, edit: EditId, view: BenchView, all: Readonly<Record<string, PointMm>>): Handle => {
  const value = String(editOf(edit).read(rig));
  return {
    edit,
    view,
    at: all[value]!,
    places: Object.entries(all).map(([word, at]) => ({ value: word, at })),
  };
};

function trailerHandles(rig: Rig, body: RigBody): Handle[] {
  const { trailer } = rig;
  if (!trailer || !body.trailer) return [];
  const { lengthMm, cutNoseMm, cutTailMm, legsOff, kind } = trailer;
  const tailX = lengthMm - cutTailMm;
  const halfWidth = halfWidthsMm(trailer);
  const widest = Math.max(...Array.from({ length: 12 }, (_, at) => halfWidth((at / 12) * lengthMm)));
  const nose = trailerFromMm(rig, body);
  const found: Handle[] = [
    along('nose', 'sheet', [cutNoseMm, -widest - OFF_MM], [1, 0]),
    along('tail', 'sheet', [tailX, -widest - OFF_MM], [-1, 0]),
    places(rig, 'turn', 'front', {
      flat: [DIAL_MM, 0],
      edge: [0, -DIAL_MM],
      inverted: [-DIAL_MM, 0],
    }),
  ];
  const headMm = mmFromLengthM(body.head.lengthM);
  const half = mmFromLengthM(profileAt(body.trailer.profileM, 0)[trailer.orientation === 'edge' ? 1 : 2]) / 2;
  const bendX = headMm + hookMarks(rig.head.hook).bend[0];
  const below = half + 3;
  found.push(places(rig, 'hang', 'side', { threaded: [headMm + 2, below + 3], hung: [bendX, below + 3] }));
  if (TRAILERS[kind].appendage.count > 0) {
    found.push(along('legs', 'sheet', [lengthMm + 5 - legsOff * PER_LEG_MM, widest + OFF_MM], [-PER_LEG_MM, 0]));
  }
  const web = webMm(trailer);
  if (web && hasJoinedTails(rig)) {
    found.push(places(rig, 'split', 'sheet', { no: [web.to + 6, 0], yes: [web.from, 0] }));
  }
  if (editOf('slit').applies(rig)) {
    found.push(
      places(rig, 'slit', 'sheet', { no: [cutNoseMm + 4, widest + OFF_MM], yes: [cutNoseMm + 18, widest + OFF_MM] }),
    );
  }
  if (editOf('push').applies(rig)) found.push(along('push', 'side', [nose + 18, below + 8], [-1, 0]));
  if (editOf('core').applies(rig)) {
    const coreMm = rig.core?.lengthMm ?? 0;
    found.push(along('core', 'side', [headMm + coreMm, below + (coreIsCutOut(rig) ? 9 : 11)], [1, 0]));
  }
  return found;
}

function skirtHandles(rig: Rig, body: RigBody): Handle[] {
  const { skirt } = rig;
  if (!skirt || !body.skirt) return [];
  const headMm = mmFromLengthM(body.head.lengthM);
  const x = headMm + skirt.lengthMm;
  const under = skirt.trim === 'under';
  const reach = skirtReachMm(body.skirt, skirt.lengthMm, CRAWL_MPS);
  const y = (reach + 6) * (under ? 1 : -1);
  return [
    along('skirt-length', 'side', [x, y], [1, 0]),
    places(rig, 'skirt-side', 'side', { all: [x + 9, -reach * 0.55], under: [x + 9, reach * 0.55] }),
    along(
      'thin',
      'top',
      [headMm + COLLAR_MM + STUB_MM, reach * 0.5 + skirt.thinned * PER_STRAND_MM],
      [0, PER_STRAND_MM],
    ),
  ];
}

function guardHandles(rig: Rig, body: RigBody): Handle[] {
  if (rig.guard?.kind !== 'fibre') return [];
  const { lengthMm, fibres } = rig.guard;
  const { root, angleRad } = guardLine(rig, body);
  const [cosine, sine] = [Math.cos(angleRad), Math.sin(angleRad)];
  const tip: PointMm = [root[0] + (lengthMm + 3) * cosine, root[1] - (lengthMm + 3) * sine];
  const beside = (mm: number): PointMm => [tip[0] + mm * sine - 2 * cosine, tip[1] + mm * cosine + 2 * sine];
  const riseY = root[1] - lengthMm * sine;
  return [
    along('guard-length', 'side', tip, [cosine, -sine]),
    places(rig, 'guard-bevel', 'side', { no: beside(-7), yes: beside(7) }),
    along('guard-fibres', 'top', [root[0] + lengthMm * cosine + 5, -fibres * PER_FIBRE_MM], [0, -PER_FIBRE_MM]),
    places(rig, 'guard-spread', 'front', { none: [0, riseY - 4], fanned: [9, riseY - 3], wings: [18, riseY - 1] }),
  ];
}

function frameHandles(rig: Rig): Handle[] {
  if (rig.family !== 'spinner') return [];
  const { tip, tie, angleRad } = armMarks(rig);
  const ahead: PointMm = [Math.cos(angleRad), -Math.sin(angleRad)];
  const half = (squeezed: boolean): PointMm => {
    const marks = armMarks({ arms: { ...(rig.arms ?? DEFAULT_ARMS), squeezed } });
    return [(marks.tip[0] + tie[0]) / 2, (marks.tip[1] + tie[1]) / 2];
  };
  const [x, y] = armTipHeadOn(rig);
  const out = (Math.hypot(x, y) + OFF_MM) / Math.hypot(x, y);
  return [
    along('arm-length', 'side', [tip[0] + OFF_MM * ahead[0], tip[1] + OFF_MM * ahead[1]], ahead),
    places(rig, 'squeeze', 'side', { no: half(false), yes: half(true) }),
    { edit: 'arm-twist', view: 'front', at: [x * out, y * out], turns: { about: [0, 0], zeroRad: -Math.PI / 2 } },
  ];
}

function secondHookHandle(rig: Rig, body: RigBody): Handle[] {
  const { bend } = hookMarks(rig.head.hook);
  const x = mmFromLengthM(body.head.lengthM) + bend[0] + 22;
  return [
    places(rig, 'second-hook', 'side', {
      none: [x + 8, bend[1]],
      'single-up': [x, bend[1] - 10],
      'single-down': [x, bend[1] + 10],
      treble: [x - 8, bend[1]],
    }),
  ];
}

/** Every handle of a build: each has a field that does the same. */
export function handlesOf(rig: Rig, body: RigBody): Handle[] {
  return [
    ...frameHandles(rig),
    ...guardHandles(rig, body),
    ...skirtHandles(rig, body),
    ...trailerHandles(rig, body),
    ...secondHookHandle(rig, body),
  ];
}

/**
 * What a drag makes of a value.
 * @param start  value when the drag began
 * @param from   place of the pointer then, mm in the drawing of the handle
 * @param to     place of the pointer now
 * @returns      a number that may still lie out of reach, or the word whose place is nearest
 */
export function draggedTo(handle: Handle, start: number | string, from: PointMm, to: PointMm): number | string {
  if (handle.places) {
    // the handle is dragged from its own place: the pointer may have taken hold of it beside its middle
    const [x, y] = [handle.at[0] + to[0] - from[0], handle.at[1] + to[1] - from[1]];
    const off = ({ at }: { readonly at: PointMm }): number => Math.hypot(at[0] - x, at[1] - y);
    return handle.places.reduce((best, place) => (off(place) < off(best) ? place : best)).value;
  }
  if (handle.turns) {
    const { about, zeroRad } = handle.turns;
    const turned = (point: PointMm): number => Math.atan2(point[1] - about[1], point[0] - about[0]) - zeroRad;
    const full = radFromDeg(360);
    const by = turned(to) - turned(from);
    return Number(start) + ((by - full * Math.round(by / full)) / full) * 360;
  }
  const [ux, uy] = handle.perUnit!;
  return Number(start) + ((to[0] - from[0]) * ux + (to[1] - from[1]) * uy) / (ux * ux + uy * uy);
}
