import load from 'highs';
import type { Solver } from '../core';

/**
 * HiGHS as a solver of our programmes, for page and command line. Loading takes a moment; each programme is solved at one go.
 * @param locate  where its wasm lies; left out, beside its script
 */
export async function loadSolver(locate?: (file: string) => string): Promise<Solver> {
  const highs = await load(locate ? { locateFile: locate } : {});
  return (programme, mostS) => {
    const { Status, Columns, ObjectiveValue } = highs.solve(programme, {
      time_limit: mostS,
      mip_rel_gap: 0,
      mip_abs_gap: 1e-9,
      output_flag: false,
    });
    const isOptimal = Status === 'Optimal';
    if (!isOptimal && Status !== 'Time limit reached') throw new Error(`The deck’s solver stopped: ${Status}.`);
    const set = Object.entries(Columns).flatMap(([name, column]) =>
      'Primal' in column && column.Primal > 0.5 ? [name] : [],
    );
    return { isOptimal, set, value: Number.isFinite(ObjectiveValue) ? ObjectiveValue : 0 };
  };
}
