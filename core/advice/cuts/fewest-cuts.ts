import type { CutOption } from './cut-options';
import { LEAST_GAIN, make, type Judged, type Made, type Search } from './judged';
import type { Net } from './rate';

/** How much is cut: by how many edits, then by how much of each it takes. */
interface Amount {
  readonly edits: number;
  readonly share: number;
}
const isLess = (a: Amount, b: Amount): boolean =>
  a.edits < b.edits || (a.edits === b.edits && a.share < b.share - 1e-12);

function amountOf(options: readonly CutOption[], made: Made): Amount {
  const share = made.reduce((sum, [edit, value]) => {
    const { values } = options.find((option) => option.edit === edit)!;
    return sum + values.indexOf(value) / (values.length - 1);
  }, 0);
  return { edits: made.length, share };
}

/** Every way to choose one value of each option, the first of each left out where it stays as it is. */
function combinations(options: readonly CutOption[]): Made[] {
  return options.reduce<Made[]>(
    (before, { edit, values }) =>
      before.flatMap((made) => values.map((value, at): Made => (at === 0 ? made : [...made, [edit, value]]))),
    [[]],
  );
}

/** The least cutting that puts as much in its bands as the best does, with no more of the first two kinds of faults. */
export function fewestCuts(around: Search, best: Judged, judged: readonly Judged[]): Judged {
  const { rater, options, isAllowed } = around;
  const before = judged[0]!.net.score;
  /** as much in its bands, no more faults, and worth its scissors */
  const isEnough = (made: Made, net: Net): boolean =>
    isAllowed(net) &&
    net.met >= best.net.met - 1e-9 &&
    net.faults.length <= best.net.faults.length &&
    (made.length === 0 || net.score >= before + LEAST_GAIN);
  let fewest = best;
  let amount = amountOf(options, best.made);
  const take = (made: Made, net: Net): void => {
    const own = amountOf(options, made);
    if (!isLess(own, amount) || !isEnough(made, net)) return;
    [fewest, amount] = [{ made, net }, own];
  };
  for (const { made, net } of judged) take(made, net);
  // parts of the best, and single cuts and pairs of any size
  const single = options.flatMap(({ edit, values }) => values.slice(1).map((value): Made => [[edit, value]]));
  const pairs = single
    .flatMap(([a], at) => single.slice(at + 1).map(([b]): Made => [a!, b!]))
    .filter(([a, b]) => a![0] !== b![0]);
  const subsets = combinations(best.made.map(([edit, value]) => ({ edit, values: [NaN, value] })));
  for (const made of [...subsets, ...single, ...(amount.edits >= 2 ? pairs : [])]) {
    if (!isLess(amountOf(options, made), amount)) continue;
    const cut = make(around, made);
    if (cut === null) continue;
    const rated = rater.rate(cut);
    if (rated.met < best.net.met - 1e-9) continue;
    take(made, rater.net(rated));
  }
  return fewest;
}
