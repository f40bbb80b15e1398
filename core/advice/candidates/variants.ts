import type { HeadClass, CandidateClasses } from './candidate-classes';

/** Rigs an angler would call the same answer in other weights, sizes or colours: one head, one kind of trailer. */
export interface Variants {
  of(head: number, trailer: number): number;
  /** how many rigs share the kin of one */
  count(head: number, trailer: number): number;
}

/** Heads of one make in other weights and metals: a spinner is told by its blades, a vibrating head by its plate. */
const kinOfHead = ({ family, head, blocks }: Pick<HeadClass, 'family' | 'head' | 'blocks'>): string =>
  [
    family,
    head.style,
    // a finesse head is a smaller one, a nose a matter of the cover: neither makes another answer of a jig
    ...(family === 'skirted' ? [] : [head.finesse, head.nose]),
    blocks.blade?.size,
    ...(blocks.blades ?? []).map(({ shape }) => shape),
  ].join(' ');

export function variantsOf(space: CandidateClasses): Variants {
  const number = (names: readonly string[]): number[] => {
    const ids = new Map<string, number>();
    return names.map((name) => ids.get(name) ?? (ids.set(name, ids.size), ids.size - 1));
  };
  const heads = number(space.heads.map(kinOfHead));
  const trailers = number(space.trailers.map(({ trailer }) => trailer?.kind ?? 'none'));
  const kinds = trailers.length + 1;
  return {
    of: (head, trailer) => heads[head]! * kinds + trailers[trailer]!,
    count(head, trailer) {
      const dressed = space.heads.reduce(
        (sum, row, at) => (heads[at] === heads[head] ? sum + row.count * space.skirtSets[row.skirtSet]!.count : sum),
        0,
      );
      const hung = space.trailers.reduce(
        (sum, row, at) => (trailers[at] === trailers[trailer] ? sum + row.count : sum),
        0,
      );
      return dressed * hung;
    },
  };
}
