<script setup lang="ts">
import {
  gramsPerMillilitre,
  LOT_STATES,
  rawRecipeOf,
  wholeGrams,
  type Ingredient,
  type Keeping,
} from '@amber-ladle/core/ingredient';
import { textureClass } from '@amber-ladle/core/mask';
import { kitchenRound } from '@amber-ladle/core/measure';
import { SOURCES, type SourceId } from '@amber-ladle/core/source';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import { useShelf } from '../data/shelf';
import { useWords } from '../data/useWords';
import { hoursWords, paceWords, stateWords, writeLength, writeNumber, writeWarmth } from '@amber-ladle/words';

/** Every figure of an ingredient with where it comes from. */
const { row } = defineProps<{ row: Ingredient }>();
const household = useHousehold();
// How it ripens here comes with the shelf; without it the row's own figures stand.
void useShelf()
  .load()
  .catch(() => undefined);

function from(source: SourceId): string {
  const { title, fromMemory } = SOURCES[source];
  return fromMemory ? `${title}, from memory` : title;
}
const keepsWords = ({ roomHours, coldHours, frozenHours }: Keeping): string =>
  [
    `${hoursWords(roomHours)} in a room`,
    `${hoursWords(coldHours)} in a fridge`,
    ...(frozenHours === undefined ? [] : [`${hoursWords(frozenHours)} frozen`]),
  ].join(', ');
interface Figure {
  readonly what: string;
  readonly value: string;
  readonly source: string;
}
const { spell } = useWords();
const figures = computed<Figure[]>(() => {
  const { composition, density, pieces, flowLog10, flowSource, strainedOutShare } = row;
  const made = rawRecipeOf(row);
  const pace = household.climate.paces[row.id];
  return [
    {
      what: '1 mL weighs',
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
          ...(pieces.gramsPerCentimetre === undefined
            ? []
            : [
                {
                  what: 'Usable in a length',
                  value: `${kitchenRound(pieces.gramsPerCentimetre * 10)} g of ${writeLength(10, household.where)}`,
                  source: from('own'),
                },
              ]),
          {
            what: 'Pieces differ by',
            value: `± ${Math.round(pieces.weightSpread * 100)} %`,
            source: from('own'),
          },
        ]
      : []),
    {
      what: 'On its own it is',
      value: `${textureClass(flowLog10)}, about ${writeNumber(Number((10 ** flowLog10).toPrecision(1)), household.where)} mPa·s`,
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
            [spell('Fibre'), composition.fibreGrams],
            ['Ash', composition.ashGrams],
          ] as const
        ).map(([what, grams]) => ({
          what: `${what} in 100 g`,
          value: `${grams} g`,
          source: from(composition.source),
        }))
      : []),
    ...(made ? [{ what: 'Made from', value: made.raw.name, source: from(made.source) }] : []),
    ...LOT_STATES.flatMap((state) => {
      const keeping = row.keeping[state];
      return keeping
        ? [{ what: `Keeps, ${stateWords(state, row)}`, value: keepsWords(keeping), source: from(keeping.source) }]
        : [];
    }),
    ...(row.ripening
      ? [
          {
            what: 'Ready, it keeps',
            value: `${row.ripening.spanDays} days at ${writeWarmth(20, household.where)}, ${row.ripening.coldDays} in a fridge`,
            source: from(row.ripening.source),
          },
          ...(pace
            ? [
                {
                  what: 'In this kitchen',
                  value: paceWords(pace) ? `ripens ${paceWords(pace)}` : 'ripens just so',
                  source: `learnt from the last ${pace.lots} that were felt, used or thrown away`,
                },
              ]
            : []),
        ]
      : []),
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
