<script setup lang="ts">
import { readQuantity } from '@amber-ladle/core/measure';
import { bowlText } from '@amber-ladle/words';
import { useNotice } from '../data/notice';
import ChoicePills from '../kit/ChoicePills.vue';

/** How large the pieces in hand are: by a usual size, or as one was weighed. */
interface PieceSize {
  readonly id: string;
  readonly name: string;
  /** With what it weighs. */
  readonly words: string;
}
const { weighed } = defineProps<{
  /** The ingredient, as it stands in a sentence. */
  name: string;
  sizes: readonly PieceSize[];
  chosen: string | undefined;
  /** Usable grams of one, where it was weighed. */
  weighed: number | undefined;
}>();
const emit = defineEmits<{ piece: [sizeId: string]; weigh: [grams: number] }>();
const notice = useNotice();

/** No piece of fruit is lighter or heavier, grams. */
const PIECE_GRAMS = { least: 1, most: 3000 } as const;
/** A weight that is none is put back as it was. */
function onWeigh(event: Event): void {
  const input = event.target as HTMLInputElement;
  const grams = readQuantity(input.value, 'g');
  if (grams >= PIECE_GRAMS.least && grams <= PIECE_GRAMS.most) emit('weigh', grams);
  else {
    if (input.value.trim() !== '') notice.show(bowlText.isNoWeight(input.value));
    input.value = String(weighed ?? '');
  }
}
</script>

<template>
  <div class="lower">
    <span class="sizes" role="group" :aria-label="bowlText.sizeOf(name)">
      <ChoicePills
        :of="sizes"
        :title-of="(size) => size.words"
        :says="(size) => size.name"
        :is-chosen="(size) => size.id === chosen"
        @choose="(size) => emit('piece', size.id)"
      />
      <label class="weigh quiet">
        {{ bowlText.or }}
        <input
          type="text"
          inputmode="decimal"
          class="figures small-field"
          :value="weighed"
          :aria-label="bowlText.usableGramsOfOne(name)"
          @change="onWeigh"
        />
        {{ bowlText.gEach }}
      </label>
    </span>
  </div>
</template>

<style scoped>
.lower {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px 4px;
}
.sizes {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.weigh {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  font-size: 0.9rem;
}
.weigh input {
  width: 62px;
  min-height: 36px;
}
@media (pointer: coarse) {
  .weigh input {
    min-height: 44px;
  }
}
</style>
