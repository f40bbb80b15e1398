import wasmUrl from 'highs/runtime?url';
import { loadSolver } from '../../../solver/highs';
import { answerDeck, type DeckRequest } from '../deck';
import { serve } from '../serve';

/** the solver, once it is there; one that could not be fetched is asked for again */
let solver: ReturnType<typeof loadSolver> | null = null;
function load(): ReturnType<typeof loadSolver> {
  solver ??= loadSolver(() => wasmUrl).catch((error: unknown) => {
    solver = null;
    throw error;
  });
  return solver;
}

serve((job: DeckRequest, tell) => answerDeck(job, tell, load));
