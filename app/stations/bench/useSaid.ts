import { computed } from 'vue';
import { EDIT_TITLE, editOf, editValueText, WANT_TITLE } from '@core';
import { useUnits } from '../../composables/useUnits';
import { useBench } from '../../stores/bench';

/** What the last change amounts to against the rig as it came, a line for each thing that was changed. */
export function useSaid() {
  const bench = useBench();
  const { system } = useUnits();
  return computed(() =>
    bench.effects.map(({ edit, to, worsens, idle, undone }) => {
      const row = editOf(edit);
      const value = editValueText(edit, row.kind === 'amount' ? row.unit : 'word', to, system.value);
      const said = `${EDIT_TITLE[edit]} ${value}`;
      if (undone) return { edit, worse: false, text: `${said}: as it came.` };
      if (idle) return { edit, worse: false, text: `${said}: does nothing here that Pandero computes.` };
      if (worsens.length === 0) return { edit, worse: false, text: `${said}: changes nothing that is asked for.` };
      const wants = worsens.map(
        ({ want, by }) => `${WANT_TITLE[want]} by ${Math.max(1, Math.round(-by * 100))} of 100`,
      );
      return { edit, worse: true, text: `${said}: worsens ${wants.join(', ')}, against the rig as it came.` };
    }),
  );
}
