import { describe, expect, test } from '@jest/globals';
import { catalogueBox } from '../../rig/parts/catalogue';
import { emptyBox, familyOfHead } from '../../rig/parts/box';
import { parseRig } from '../../rig/parts/schema';
import { rigOfParts } from './rig-of-parts';

const box = catalogueBox();
const chunk = box.trailers.find(({ kind }) => kind === 'chunk')!;

describe('a rig of two parts of a box', () => {
  test.each(['skirted', 'vibrating', 'spinner'] as const)(
    '%s: what the head has goes with it, and it can be read again',
    (family) => {
      const head = box.heads.find((one) => familyOfHead(one) === family)!;
      const rig = rigOfParts(box, head, chunk)!;
      expect(rig.family).toBe(family);
      expect([rig.head.style, rig.head.weightOz]).toEqual([head.style, head.weightOz]);
      expect([rig.guard, rig.blade, rig.blades]).toEqual([head.guard ?? null, head.blade, head.blades]);
      expect(rig.trailer).toMatchObject({ kind: 'chunk', lengthMm: chunk.lengthMm, orientation: 'flat', cutNoseMm: 0 });
      expect(parseRig(JSON.parse(JSON.stringify(rig))).ok).toBe(true);
    },
  );
  test('the skirt it came with, else the first loose one, else none', () => {
    const { skirt: _, ...bare } = box.heads.find((one) => familyOfHead(one) === 'skirted')!;
    const [first, second] = box.skirts;
    const loose = { ...emptyBox(), skirts: [first!, second!] };
    const own = { ...second!, strands: 33 };
    expect(rigOfParts(loose, { ...bare, skirt: own }, null)!.skirt).toMatchObject({ colour: own.colour, strands: 33 });
    expect(rigOfParts(loose, bare, null)!.skirt).toMatchObject({ colour: first!.colour, strands: first!.strands });
    expect(rigOfParts(emptyBox(), bare, null)!.skirt).toBeNull();
  });
  test('without a trailer it is bare; of parts that are used up or torn there is none', () => {
    const head = box.heads[0]!;
    expect(rigOfParts(box, head, null)!.trailer).toBeNull();
    expect(rigOfParts(box, { ...head, quantity: 0 }, chunk)).toBeNull();
    expect(rigOfParts(box, head, { ...chunk, condition: 'torn' })).toBeNull();
  });
});
