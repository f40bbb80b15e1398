import { isRoundBody } from '../rig/trailer-body';
import { uncutTrailer, type Orientation, type Rig, type Skirt, type Trailer } from '../rig/schema';
import type { Box, HeadPart, SkirtPart } from '../rig/box';

/** A trailer as it could be hung, or none. */
export interface TrailerChoice {
  /** index in the box's trailer tray, -1 for no trailer */
  readonly part: number;
  readonly trailer: Trailer | null;
}

export interface SkirtChoice {
  /** index in the skirt tray; -1 the head's own skirt, -2 none */
  readonly part: number;
  readonly skirt: Skirt | null;
}

/** Every rig a box allows: rig k joins head, skirt and trailer choice by index. */
export interface Candidates {
  readonly heads: readonly HeadPart[];
  readonly skirts: readonly SkirtChoice[];
  readonly trailers: readonly TrailerChoice[];
  readonly count: number;
  readonly headOf: Uint32Array;
  readonly skirtOf: Uint32Array;
  readonly trailerOf: Uint32Array;
}

type SkirtLook = Pick<SkirtPart, 'material' | 'strands' | 'lengthMm' | 'colour'>;

const asSkirt = (part: SkirtLook): Skirt => ({
  material: part.material,
  strands: part.strands,
  lengthMm: part.lengthMm,
  thinned: 0,
  trim: 'none',
  colour: part.colour,
});

const usable = (part: { readonly quantity?: number }): boolean => part.quantity === undefined || part.quantity > 0;

/** Ways to hang an uncut trailer that differ in what they do: on edge where the body is flat, hung at its end for chunks. */
function trailerChoices(box: Box): TrailerChoice[] {
  const choices: TrailerChoice[] = [{ part: -1, trailer: null }];
  box.trailers.forEach((part, at) => {
    if (!usable(part)) return;
    const flat = uncutTrailer(part);
    const turns: Orientation[] = isRoundBody(part.kind) ? ['flat'] : ['flat', 'edge'];
    for (const orientation of turns) choices.push({ part: at, trailer: { ...flat, orientation } });
    if (part.kind === 'chunk') choices.push({ part: at, trailer: { ...flat, hang: 'hung' } });
  });
  return choices;
}

/**
 * Lists every rig that can be built: each head with its own skirt, or with each loose one; each with no trailer and with each
 * trailer in each way to hang it. Parts with quantity 0 are used up.
 */
export function enumerateRigs(box: Box): Candidates {
  const heads = box.heads.filter(usable);
  const trailers = trailerChoices(box);
  const loose: SkirtChoice[] = box.skirts.flatMap((part, at) =>
    usable(part) ? [{ part: at, skirt: asSkirt(part) }] : [],
  );
  const skirts: SkirtChoice[] = [...loose];
  const choicesOfHead = heads.map((head): readonly number[] => {
    if (head.skirt) {
      skirts.push({ part: -1, skirt: asSkirt(head.skirt) });
      return [skirts.length - 1];
    }
    if (loose.length > 0) return loose.map((_, at) => at);
    skirts.push({ part: -2, skirt: null });
    return [skirts.length - 1];
  });

  const count = choicesOfHead.reduce((sum, own) => sum + own.length, 0) * trailers.length;
  const [headOf, skirtOf, trailerOf] = [new Uint32Array(count), new Uint32Array(count), new Uint32Array(count)];
  let k = 0;
  choicesOfHead.forEach((own, head) => {
    for (const skirt of own) {
      for (let trailer = 0; trailer < trailers.length; trailer++) {
        headOf[k] = head;
        skirtOf[k] = skirt;
        trailerOf[k] = trailer;
        k++;
      }
    }
  });
  return { heads, skirts, trailers, count, headOf, skirtOf, trailerOf };
}

/** The rig at an index, in the shape of files. */
export function rigAt(candidates: Candidates, index: number): Rig {
  const head = candidates.heads[candidates.headOf[index]!]!;
  return {
    family: 'skirted',
    head: {
      style: head.style,
      finesse: head.finesse,
      weightOz: head.weightOz,
      metal: head.metal,
      ...(head.nose === undefined ? {} : { nose: head.nose }),
      ...(head.cams === undefined ? {} : { cams: head.cams }),
      hook: head.hook,
    },
    keeper: head.keeper ?? 'barb',
    guard: head.guard ?? null,
    skirt: candidates.skirts[candidates.skirtOf[index]!]!.skirt,
    trailer: candidates.trailers[candidates.trailerOf[index]!]!.trailer,
    core: null,
  };
}
