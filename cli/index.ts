import { loadSolver } from '../solver/highs';
import { main } from './pandero';

const words = process.argv.slice(2);
// only a deck needs a solver, which takes a moment to load
process.exitCode = main(words, words[0] === 'deck' ? await loadSolver() : null);
