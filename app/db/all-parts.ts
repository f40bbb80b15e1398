import type { PanderoDatabase, PartRow } from './database';

/** Rows taken over from the store at one go. */
const SLICE = 400;
/** Sorting is cheap and done at once; only reading is done in batches. */
const byEntry = (a: PartRow, b: PartRow): number => a.at - b.at;

/**
 * Every part in the order of entry. A large box is read in slices: taking over thousands of rows at one go holds the page up.
 */
export async function allParts(of: PanderoDatabase): Promise<PartRow[]> {
  const rows = await of.parts.limit(SLICE).toArray();
  if (rows.length < SLICE) return rows.sort(byEntry);
  for (;;) {
    const slice = await of.parts.where(':id').above(rows.at(-1)!.id).limit(SLICE).toArray();
    rows.push(...slice);
    if (slice.length < SLICE) return rows.sort(byEntry);
  }
}
