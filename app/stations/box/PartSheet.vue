<script setup lang="ts">
import { computed, ref } from 'vue';
import {
  DRAWN_TRAYS,
  fieldsAt,
  FITTINGS,
  issueText,
  parsePart,
  partOutline,
  withFitting,
  withoutFitting,
  withValue,
  type AnyPart,
  type DrawnTray,
  type Fitting,
  type PartOf,
  type Tray,
  NAME,
} from '@core';
import FractionText from '../../parts/FractionText.vue';
import OutlineDrawing from '../../parts/OutlineDrawing.vue';
import { useHeld } from '../../composables/useHeld';
import { useUnits } from '../../composables/useUnits';
import type { PartRow } from '../../db/database';
import { useBox } from '../../stores/box';
import { useNotices } from '../../stores/notices';
import { rememberColour } from './last-colour';
import { quantityText, tellPart, TRAY_ONE } from '../../parts/part-text';
import PartFields from './PartFields.vue';
import PartMeasured from './PartMeasured.vue';
import * as words from '../../locale/en/box';

/** One part: drawn, described, measured; every change is stored at once. */
const props = defineProps<{ row: PartRow & { readonly tray: Tray } }>();
const emit = defineEmits<{ close: []; open: [id: string] }>();
const box = useBox();
const notices = useNotices();
const { system } = useUnits();
const problem = ref('');

const tray = computed(() => props.row.tray);
const part = computed(() => props.row.part as unknown as AnyPart);
const line = computed(() => tellPart(tray.value, part.value, system.value));
const outlines = computed(() => {
  if (!(DRAWN_TRAYS as readonly string[]).includes(tray.value)) return [];
  const draw = tray.value as DrawnTray;
  return (['side', 'top'] as const).map((view) => ({
    view,
    outline: partOutline(draw, part.value as PartOf<DrawnTray>, view),
    says: `${line.value.title}, ${view === 'side' ? words.fromTheSide : words.fromAbove}`,
  }));
});
const fittings = computed(() =>
  tray.value === 'heads' ? FITTINGS.filter((name) => (part.value as PartOf<'heads'>)[name]) : [],
);
const frameMm = computed(() =>
  Math.max(150, ...outlines.value.map(({ outline }) => outline.bounds.x + outline.bounds.width + 6)),
);

async function change(field: string, value: unknown): Promise<void> {
  const of = tray.value;
  // the next part of this kind begins with it
  if (field === 'colour' && typeof value === 'string' && (of === 'skirts' || of === 'trailers'))
    rememberColour(of, value);
  await changeTo(withValue(part.value, field, value));
}

async function changeTo(draft: object): Promise<void> {
  const changed = parsePart(tray.value, draft);
  if (!changed.ok) {
    problem.value = changed.issues.map(issueText).join(' ');
    return;
  }
  problem.value = '';
  const stored = await box.replace(props.row, changed.value);
  if (!stored.ok) notices.complain(stored.issues);
}

/** Puts a fitting on a head, or takes it off. */
const fitOrStrip = (name: Fitting): Promise<void> =>
  changeTo(fittings.value.includes(name) ? withoutFitting(part.value, name) : withFitting(part.value, name));

const quantity = computed(() => part.value.quantity);
const count = (by: number): Promise<void> => change('quantity', Math.max(0, (quantity.value ?? 1) + by));
const held = useHeld((by) => void count(by));
/** what can become of a part of a tray; one that was said of it before can be taken back */
const CAN_BE: Readonly<Record<Tray, readonly ('torn' | 'rusty')[]>> = {
  heads: ['rusty'],
  skirts: ['torn'],
  trailers: ['torn'],
  blades: ['rusty'],
  hooks: ['rusty'],
  lines: ['torn'],
  rods: [],
  reels: ['rusty'],
};
const states = computed(() =>
  (['torn', 'rusty'] as const).filter((state) => CAN_BE[tray.value].includes(state) || condition.value === state),
);
const condition = computed(() => part.value.condition ?? 'good');

async function duplicate(): Promise<void> {
  const added = await box.addOne(tray.value, part.value);
  if (!added.ok) return notices.complain(added.issues);
  notices.say(words.copyIsInTheBox(line.value.title), () => box.remove(added.value));
  emit('open', added.value.id);
}
async function remove(): Promise<void> {
  const { row } = props;
  const { title } = line.value;
  const removed = await box.remove(row);
  if (!removed.ok) return notices.complain(removed.issues);
  emit('close');
  notices.say(words.takenOut(title), () => box.putBack(row));
}
</script>

<template>
  <section class="sheet" :aria-label="words.itsSheet(line.title)" data-testid="part-sheet">
    <header class="sheet__head">
      <h2><FractionText :text="line.title" /></h2>
      <v-btn class="sheet__close" variant="text" :aria-label="words.closeTheSheet" @click="emit('close')">×</v-btn>
    </header>
    <OutlineDrawing
      v-for="drawn in outlines"
      :key="drawn.view"
      :outline="drawn.outline"
      :frame-mm="frameMm"
      :ruled="drawn.view === 'side'"
      :label="drawn.says"
    />
    <div class="sheet__count" role="group" :aria-label="words.howMany">
      <v-btn :aria-label="words.oneLess" v-bind="held(-1)">−</v-btn>
      <b class="number" data-testid="sheet-quantity">{{ quantityText(quantity) }}</b>
      <v-btn :aria-label="words.oneMore" v-bind="held(1)">+</v-btn>
      <v-btn v-if="quantity !== 0" @click="change('quantity', 0)">{{ words.usedUp }}</v-btn>
      <v-btn
        v-for="state in states"
        :key="state"
        :aria-pressed="condition === state"
        :class="{ sheet__on: condition === state }"
        @click="change('condition', condition === state ? undefined : state)"
        >{{ NAME[state] }}</v-btn
      >
    </div>
    <p v-if="line.out" class="sheet__out">{{ words.leftOutPicks }} {{ line.out }}.</p>
    <div class="sheet__fields">
      <PartFields :part="part" :fields="fieldsAt(tray, 'part')" @change="change" />
      <PartFields v-for="name in fittings" :key="name" :part="part" :fields="fieldsAt(tray, name)" @change="change" />
    </div>
    <div v-if="tray === 'heads'" class="sheet__count" role="group" :aria-label="words.whatItCarries">
      <v-btn v-for="name in FITTINGS" :key="name" @click="fitOrStrip(name)">
        {{ fittings.includes(name) ? words.withoutFitting : words.withFitting }} {{ words.fitting[name] }}
      </v-btn>
    </div>
    <p v-if="problem" class="sheet__problem" role="alert">{{ problem }} {{ words.lastRightValueStays }}</p>
    <PartMeasured :tray="tray" :part="part" @change="change" />
    <footer class="sheet__foot">
      <v-btn @click="duplicate">{{ words.duplicate }}</v-btn>
      <v-btn @click="remove">{{ words.takeOutThis }} {{ TRAY_ONE[tray] }}</v-btn>
    </footer>
  </section>
</template>

<style scoped>
.sheet {
  display: grid;
  gap: 12px;
  align-content: start;
  padding: 14px 20px 24px;
}
.sheet__head {
  display: flex;
  justify-content: space-between;
  align-items: start;
}
.sheet__close {
  min-width: 48px;
  min-height: 40px;
  font-size: 20px;
}
.sheet__count {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
}
.sheet__count b {
  min-width: 44px;
  text-align: center;
  font-size: 22px;
}
.sheet__on {
  background: rgb(var(--v-theme-oxblood));
  color: rgb(var(--v-theme-on-primary));
}
.sheet__out,
.sheet__problem {
  border-left: 4px solid rgb(var(--v-theme-oxblood));
  padding-left: 10px;
}
.sheet__fields {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 10px;
  align-items: end;
}
@media (max-width: 700px) {
  /* a number and its two buttons need the whole width */
  .sheet__fields {
    grid-template-columns: minmax(0, 1fr);
  }
}
.sheet__foot {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
}
</style>
