<script setup lang="ts">
import { computed, ref } from 'vue';
import {
  COLOURS,
  DEFAULT_SKIRT,
  DRAWN_TRAYS,
  GALLERY,
  galleryWords,
  headFromFront,
  partOutline,
  type AnyPart,
  type DrawnTray,
  type GalleryEntry,
  type PartOf,
  type Tray,
  compileWater,
} from '@core';
import FractionText from '../../parts/FractionText.vue';
import ChoiceRow from '../../parts/ChoiceRow.vue';
import OutlineDrawing from '../../parts/OutlineDrawing.vue';
import { useUnits } from '../../composables/useUnits';
import SelectField from '../../parts/SelectField.vue';
import { useBox } from '../../stores/box';
import { useNotices } from '../../stores/notices';
import { useWater } from '../../stores/water';
import { firstColour, rememberColour } from './last-colour';
import { tellPart, TRAY_ONE } from '../../parts/part-text';
import { useFocusBack } from '../../composables/useFocusBack';
import * as words from '../../locale/en/box';

/** Every kind of a tray: its outline, what it is for, and the sizes it comes in. A size puts one in the box. */
useFocusBack();
const props = defineProps<{ tray: Tray }>();
const open = defineModel<boolean>({ required: true });
const emit = defineEmits<{ added: [id: string] }>();
const box = useBox();
const notices = useNotices();
const { system } = useUnits();
const added = ref(0);
const water = useWater();

/** parts with a colour come in the one that was last chosen, or that the water asks for */
const coloured = computed(() => (['skirts', 'trailers', 'heads'] as const).find((tray) => tray === props.tray) ?? null);
const colour = ref(coloured.value ? firstColour(coloured.value, compileWater(water.water)) : '');
const colours = computed(() =>
  [...new Set([colour.value, ...COLOURS.map(({ name }) => name)])].map((name) => ({ value: name, title: name })),
);
function choose(name: string): void {
  colour.value = name;
  if (coloured.value) rememberColour(coloured.value, name);
}
/** jigs are bought with their skirt more often than without */
const isDressed = ref(true);
const DRESSED = [
  { value: 'dressed', title: words.withItsSkirt },
  { value: 'bare', title: words.bareHead },
] as const;
const dressed = computed({
  get: () => (isDressed.value ? 'dressed' : 'bare'),
  set: (value) => (isDressed.value = value === 'dressed'),
});
function inColour(part: AnyPart): AnyPart {
  if (!coloured.value) return part;
  if ('colour' in part) return { ...part, colour: colour.value } as AnyPart;
  if (props.tray === 'heads') {
    const { skirt: own, ...head } = part as PartOf<'heads'>;
    return (
      isDressed.value ? { ...head, skirt: { ...(own ?? DEFAULT_SKIRT), colour: colour.value } } : head
    ) as AnyPart;
  }
  const { skirt } = part as { readonly skirt?: { readonly colour: string } };
  return skirt ? ({ ...part, skirt: { ...skirt, colour: colour.value } } as AnyPart) : part;
}

const drawn = computed(() => (DRAWN_TRAYS as readonly string[]).includes(props.tray));
const entries = computed(() =>
  (GALLERY[props.tray] as readonly GalleryEntry[]).map((entry) => {
    const middle = inColour(entry.sizes[entry.sizes.length >> 1]!);
    const kind = galleryWords(props.tray, entry.id);
    return {
      entry,
      kind,
      outline: drawn.value
        ? partOutline(props.tray as DrawnTray, middle as PartOf<DrawnTray>, viewOf(props.tray))
        : null,
      // a frame of blades tells itself apart from the side
      front:
        props.tray === 'heads' && !(middle as PartOf<'heads'>).blades ? headFromFront(middle as PartOf<'heads'>) : null,
      sizes: entry.sizes.map((size) => {
        const part = inColour(size);
        const says = entry.sizes.length === 1 ? words.addOne : sizeText(part);
        return {
          part,
          says,
          label: entry.sizes.length === 1 ? words.add(kind.title) : words.addSize(kind.title, says),
        };
      }),
    };
  }),
);
/** Trailers show their shape from above, everything else from the side. */
const viewOf = (tray: Tray): 'top' | 'side' => (tray === 'trailers' ? 'top' : 'side');

/** The size alone: the first words of a part's line, without its kind where they can be told apart. */
function sizeText(part: AnyPart): string {
  const { title } = tellPart(props.tray, part, system.value);
  const match =
    /^(\d+ ft(?: \d+)?|[\d/ .]+ (?:oz|g|in|mm|lb|kg|m)|[\d.]+:1|\d\/?\d?)\b/.exec(title) ?? /\d$/.exec(title);
  return match?.[0] ?? title;
}

async function add(part: AnyPart): Promise<void> {
  const made = await box.addOne(props.tray, { ...part, quantity: 1 });
  if (!made.ok) return notices.complain(made.issues);
  added.value++;
  emit('added', made.value.id);
  notices.say(words.isInTheBox(tellPart(props.tray, part, system.value).title), () => box.remove(made.value));
}
</script>

<template>
  <v-dialog v-model="open" :aria-label="words.addAPart(TRAY_ONE[tray])" :max-width="980" scrollable>
    <v-card class="gallery">
      <div class="gallery__head">
        <h2>{{ words.addA }} {{ TRAY_ONE[tray] }}</h2>
        <p role="status">{{ added === 0 ? words.pressASize : words.added(added) }}</p>
        <ChoiceRow
          v-if="tray === 'heads'"
          v-model="dressed"
          class="gallery__dressed"
          :label="words.skirtOrBare"
          :options="DRESSED"
          bare
        />
        <SelectField
          v-if="coloured && (tray !== 'heads' || isDressed)"
          :model-value="colour"
          :items="colours"
          :label="words.inColour"
          class="gallery__colour"
          @update:model-value="choose"
        />
        <v-btn class="act" @click="open = false">{{ words.done }}</v-btn>
      </div>
      <ul class="gallery__kinds">
        <li
          v-for="{ entry, kind, outline, front, sizes } in entries"
          :key="entry.id"
          :class="{ gallery__plain: !outline }"
        >
          <div v-if="outline" class="gallery__picture" :class="{ 'gallery__picture--two': front }">
            <OutlineDrawing :outline="outline" :frame-mm="front ? 84 : 138" :label="words.itsOutline(kind.title)" />
            <OutlineDrawing
              v-if="front"
              class="gallery__front"
              :outline="front"
              :frame-mm="34"
              :label="words.fromTheFront(kind.title)"
            />
          </div>
          <div>
            <h3>{{ kind.title }}</h3>
            <p class="soft">{{ kind.purpose }}</p>
            <div class="gallery__sizes">
              <v-btn v-for="{ part, says, label } in sizes" :key="says" :aria-label="label" @click="add(part)">
                <FractionText :text="says" />
              </v-btn>
            </div>
          </div>
        </li>
      </ul>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.gallery {
  padding: 18px 22px;
}
.gallery__head {
  display: flex;
  gap: 18px;
  align-items: center;
  padding-bottom: 12px;
  border-bottom: 2px solid rgb(var(--v-theme-ink));
}
.gallery__colour {
  min-width: 180px;
}
.gallery__head p {
  flex: 1;
}
.gallery__kinds {
  list-style: none;
  overflow: auto;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 26px;
}
.gallery__kinds li {
  display: grid;
  grid-template-columns: 150px 1fr;
  gap: 14px;
  align-items: center;
  padding: 10px 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.gallery__picture {
  overflow: hidden;
}
.gallery__picture--two {
  /* at one scale: a millimetre is as long in both */
  display: grid;
  grid-template-columns: 89fr 39fr;
  gap: 8px;
  align-items: center;
}
.gallery__sizes {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
  margin-top: 6px;
}
.gallery__sizes .v-btn {
  min-width: 0;
  padding: 0 10px;
}
@media (max-width: 700px) {
  .gallery {
    padding: 14px;
  }
  .gallery__head {
    flex-wrap: wrap;
  }
  .gallery__kinds {
    grid-template-columns: 1fr;
  }
  .gallery__kinds li {
    grid-template-columns: 96px 1fr;
  }
}
/* what has no picture has the whole line for its words */
.gallery__kinds li.gallery__plain {
  grid-template-columns: 1fr;
}
</style>
