import {
  COLOURS,
  emptyBox,
  HEAD_STYLES,
  HOOK_WIRES,
  plainHead,
  SOFTNESSES,
  TRAILER_KINDS,
  TRAILERS,
  type Box,
  type HeadPart,
  type SkirtPart,
  type TrailerPart,
} from '../core';
import { seeded } from '../core/testing/fixtures/seeded';

const WEIGHTS_OZ = [1 / 8, 3 / 16, 1 / 4, 5 / 16, 3 / 8, 7 / 16, 1 / 2, 5 / 8, 3 / 4, 1] as const;
const COLOUR_NAMES = COLOURS.map(({ name }) => name);

/** A large box as somebody with many years of tackle has it: repeats, weighed pieces, every kind. Made up. */
export function bigBox(parts: number, seed = 11): Box {
  const random = seeded(seed).uniform;
  const pick = <T>(items: readonly T[]): T => items[Math.floor(random() * items.length)]!;
  const times = <T>(count: number, make: () => T): T[] => Array.from({ length: Math.round(count) }, make);
  const heads = times(parts * 0.3, (): HeadPart => {
    const plain = plainHead(pick(HEAD_STYLES), pick(WEIGHTS_OZ), random() < 0.25);
    const head: HeadPart = {
      ...plain,
      hook: { ...plain.hook, wire: pick(HOOK_WIRES) },
      quantity: 1 + Math.floor(random() * 4),
    };
    return random() < 0.2
      ? { ...head, massG: Math.round(head.weightOz * 283.5 * (1 + 0.1 * random())) / 10 + 1.2 }
      : head;
  });
  const skirts = times(parts * 0.25, (): SkirtPart => ({
    material: random() < 0.15 ? 'rubber' : 'silicone',
    strands: 30 + 2 * Math.floor(random() * 18),
    lengthMm: 45 + 5 * Math.floor(random() * 5),
    colour: pick(COLOUR_NAMES),
  }));
  const trailers = times(parts * 0.45, (): TrailerPart => {
    const kind = pick(TRAILER_KINDS);
    const lengthMm = Math.round(pick(TRAILERS[kind].sizesIn) * 254) / 10;
    const plain = { kind, lengthMm, softness: pick(SOFTNESSES), colour: pick(COLOUR_NAMES) };
    return random() < 0.3
      ? { ...plain, massG: Math.round(80 * (lengthMm / 90) ** 3 * (1 + 0.3 * random())) / 10 }
      : plain;
  });
  return { ...emptyBox(), heads, skirts, trailers };
}
