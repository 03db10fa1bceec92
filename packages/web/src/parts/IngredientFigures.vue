<script setup lang="ts">
import { gramsPerMillilitre, preparationOf, wholeGrams, type Ingredient } from '@amber-ladle/core/ingredient';
import { textureClass } from '@amber-ladle/core/mask';
import { kitchenRound } from '@amber-ladle/core/measure';
import { SOURCES, type SourceId } from '@amber-ladle/core/source';
import { computed } from 'vue';

/** Every figure of an ingredient with where it comes from. */
const { row } = defineProps<{ row: Ingredient }>();

function from(source: SourceId): string {
  const { title, fromMemory } = SOURCES[source];
  return fromMemory ? `${title}, from memory` : title;
}
interface Figure {
  readonly what: string;
  readonly value: string;
  readonly source: string;
}
const figures = computed<Figure[]>(() => {
  const { composition, density, pieces, flowLog10, flowSource, strainedOutShare } = row;
  const preparation = preparationOf(row.id);
  return [
    {
      what: 'A millilitre weighs',
      value: `${gramsPerMillilitre(row).toFixed(3)} g`,
      source: density ? from(density.source) : 'from its composition, after Choi and Okos 1986',
    },
    ...(pieces?.sizes ?? []).map((size) => ({
      what: `One ${pieces?.noun}, ${size.name}`,
      value: `${kitchenRound(size.usableGrams)} g usable, ${kitchenRound(wholeGrams(size.usableGrams, pieces?.refuseShare ?? 0))} g whole`,
      source: from(size.source),
    })),
    ...(pieces
      ? [
          {
            what: 'Peel, stone, shell or rind',
            value: `${Math.round(pieces.refuseShare * 100)} %`,
            source: from(pieces.refuseSource),
          },
          {
            what: 'Pieces differ by',
            value: `± ${Math.round(pieces.weightSpread * 100)} %`,
            source: from('own'),
          },
        ]
      : []),
    {
      what: 'On its own it is',
      value: `${textureClass(flowLog10)}, about ${kitchenRound(10 ** flowLog10).toLocaleString('en-GB')} mPa·s`,
      source: from(flowSource),
    },
    ...(strainedOutShare > 0
      ? [{ what: 'Stays in a cloth', value: `${Math.round(strainedOutShare * 100)} %`, source: from('own') }]
      : []),
    ...(composition
      ? (
          [
            ['Water', composition.waterGrams],
            ['Protein', composition.proteinGrams],
            ['Fat', composition.fatGrams],
            ['Carbohydrate', composition.carbohydrateGrams],
            ['Fibre', composition.fibreGrams],
            ['Ash', composition.ashGrams],
          ] as const
        ).map(([what, grams]) => ({
          what: `${what} in 100 g`,
          value: `${grams} g`,
          source: from(composition.source),
        }))
      : []),
    ...(preparation ? [{ what: 'Made from', value: preparation.raw, source: from(preparation.source) }] : []),
  ];
});
</script>

<template>
  <table class="figures">
    <tbody>
      <tr v-for="figure in figures" :key="figure.what">
        <th scope="row">{{ figure.what }}</th>
        <td>{{ figure.value }}</td>
        <td class="quiet">{{ figure.source }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  text-align: left;
  font-weight: 400;
  padding: 7px 12px 7px 0;
  border-bottom: 1px solid var(--rule);
  vertical-align: baseline;
}
td:nth-child(2) {
  font-weight: 600;
}
td.quiet {
  font-size: 0.92rem;
}
</style>
