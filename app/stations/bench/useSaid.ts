import { computed } from 'vue';
import { EDIT_TITLE, editOf, editValueText, WANT_TITLE } from '@core';
import { useUnits } from '../../composables/useUnits';
import { useBench } from '../../stores/bench';
import * as words from '../../locale/en/bench';

/** What the last change amounts to against the rig as it came, a line for each thing that was changed. */
export function useSaid() {
  const bench = useBench();
  const { system } = useUnits();
  return computed(() =>
    bench.effects.map(({ edit, to, worsens, idle, undone }) => {
      const row = editOf(edit);
      const value = editValueText(edit, row.kind === 'amount' ? row.unit : 'word', to, system.value);
      const said = `${EDIT_TITLE[edit]} ${value}`;
      if (undone) return { edit, worse: false, text: words.saidAsItCame(said) };
      if (idle) return { edit, worse: false, text: words.saidDoesNothing(said) };
      if (worsens.length === 0) return { edit, worse: false, text: words.saidChangesNothing(said) };
      const wants = worsens.map(({ want, by }) => words.byOf100(WANT_TITLE[want], Math.max(1, Math.round(-by * 100))));
      return { edit, worse: true, text: words.saidWorsens(said, wants.join(', ')) };
    }),
  );
}
