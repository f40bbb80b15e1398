import {
  displayUnit,
  editOf,
  editValueText,
  lengthMFromMm,
  mmFromLengthM,
  ribsMm,
  ribsTaken,
  REFUSAL_TEXT,
  shown,
  type AmountEdit,
  type Edited,
  type EditId,
  type Rig,
} from '@core';
import { useUnits } from '../../composables/useUnits';
import { useBench } from '../../stores/bench';
import * as words from '../../locale/en/bench';

/** One thing that can be changed at the bench, in words and by steps: fields, keys and handles all go through here. */
export function useEditValue() {
  const bench = useBench();
  const { system } = useUnits();

  const unitOf = (id: EditId): AmountEdit['unit'] | 'word' => {
    const edit = editOf(id);
    return edit.kind === 'amount' ? edit.unit : 'word';
  };
  /** A value as people read it; cuts at the nose of a ribbed body also in ribs. */
  function text(id: EditId, rig: Rig): string {
    const value = editOf(id).read(rig);
    const plain = editValueText(id, unitOf(id), value, system.value);
    const ribs = id === 'nose' && rig.trailer ? ribsTaken(rig.trailer.kind, rig.trailer.lengthMm, Number(value)) : null;
    return ribs === null || ribs === 0 ? plain : words.withRibs(plain, ribs);
  }
  const limitText = (edited: Extract<Edited, { ok: false }>): string =>
    edited.unit === 'mm'
      ? shown('cut', lengthMFromMm(edited.limit), system.value)
      : edited.unit === 'degrees'
        ? `${edited.limit}°`
        : String(edited.limit);
  /** Why something was not taken; empty when it was. */
  const refusal = (edited: Edited | null): string =>
    edited === null || edited.ok ? '' : REFUSAL_TEXT[edited.why](limitText(edited));

  /** The next value that way: a rib further on a ribbed nose, a word further in a choice, else a step of the shown unit. */
  function stepped(id: EditId, by: number): number | string {
    const { rig } = bench.build!;
    const edit = editOf(id);
    if (edit.kind === 'choice') {
      const options = edit.options(rig);
      const at = options.indexOf(edit.read(rig)) + Math.sign(by);
      return options[(at + options.length) % options.length]!;
    }
    const value = edit.read(rig);
    if (edit.unit !== 'mm') return value + by * edit.step;
    if (id === 'nose') {
      const ribs = [0, ...ribsMm(rig.trailer!.kind, rig.trailer!.lengthMm)];
      const next = by > 0 ? ribs.find((rib) => rib > value + 0.1) : ribs.findLast((rib) => rib < value - 0.1);
      if (ribs.length > 1 && next !== undefined) return next;
    }
    const { step, fromSi, toSi } = displayUnit('cut', system.value);
    return mmFromLengthM(toSi((Math.round(fromSi(lengthMFromMm(value)) / step) + by) * step));
  }
  /** Steps and stays within reach: a key held down ends at the limit. */
  function step(id: EditId, by: number): void {
    if (!bench.build) return;
    const { rig, base } = bench.build;
    const next = stepped(id, by);
    const edit = editOf(id);
    if (edit.kind === 'choice') return void bench.edit(id, next);
    const { min, max } = edit.limits(rig, base);
    bench.edit(id, Math.min(Math.max(Number(next), min), max));
  }
  return { text, refusal, step, unitOf };
}
