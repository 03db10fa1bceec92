<script setup lang="ts">
import { inARow } from '../data/inARow';
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
import {
  ingredientText,
  hoursWords,
  paceWords,
  stateWords,
  writeLength,
  writeNumber,
  writeWarmth,
  TEXTURE_WORDS,
} from '@amber-ladle/words';

/** Every figure of an ingredient with where it comes from. */
const { row } = defineProps<{ row: Ingredient }>();
const household = useHousehold();
// How it ripens here comes with the shelf; without it the row's own figures stand.
void useShelf()
  .load()
  .catch(() => undefined);

function from(source: SourceId): string {
  const { title, fromMemory } = SOURCES[source];
  return fromMemory ? ingredientText.fromMemory(title) : title;
}
const keepsWords = ({ roomHours, coldHours, frozenHours }: Keeping): string =>
  inARow([
    ingredientText.inARoom(hoursWords(roomHours)),
    ingredientText.inAFridge(hoursWords(coldHours)),
    ...(frozenHours === undefined ? [] : [ingredientText.frozenHours(hoursWords(frozenHours))]),
  ]);
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
      what: ingredientText.n1MlWeighs,
      value: `${gramsPerMillilitre(row).toFixed(3)} g`,
      source: density ? from(density.source) : ingredientText.fromItsCompositionAfter,
    },
    ...(pieces?.sizes ?? []).map((size) => ({
      what: ingredientText.oneNounSize(pieces?.noun ?? row.name, size.name),
      value: ingredientText.gUsableGWhole(
        kitchenRound(size.usableGrams),
        kitchenRound(wholeGrams(size.usableGrams, pieces?.refuseShare ?? 0)),
      ),
      source: from(size.source),
    })),
    ...(pieces
      ? [
          {
            what: ingredientText.peelStoneShell,
            value: `${Math.round(pieces.refuseShare * 100)} %`,
            source: from(pieces.refuseSource),
          },
          ...(pieces.gramsPerCentimetre === undefined
            ? []
            : [
                {
                  what: ingredientText.usableInALength,
                  value: ingredientText.gramsOfLength(
                    kitchenRound(pieces.gramsPerCentimetre * 10),
                    writeLength(10, household.where),
                  ),
                  source: from('own'),
                },
              ]),
          {
            what: ingredientText.piecesDifferBy,
            value: `± ${Math.round(pieces.weightSpread * 100)} %`,
            source: from('own'),
          },
        ]
      : []),
    {
      what: ingredientText.onItsOwn,
      value: ingredientText.aboutMpaS(
        TEXTURE_WORDS[textureClass(flowLog10)],
        writeNumber(Number((10 ** flowLog10).toPrecision(1)), household.where),
      ),
      source: from(flowSource),
    },
    ...(strainedOutShare > 0
      ? [{ what: ingredientText.staysInACloth, value: `${Math.round(strainedOutShare * 100)} %`, source: from('own') }]
      : []),
    ...(composition
      ? (
          [
            [ingredientText.water, composition.waterGrams],
            [ingredientText.protein, composition.proteinGrams],
            [ingredientText.fat, composition.fatGrams],
            [ingredientText.carbohydrate, composition.carbohydrateGrams],
            [spell(ingredientText.fibre), composition.fibreGrams],
            [ingredientText.ash, composition.ashGrams],
          ] as const
        ).map(([what, grams]) => ({
          what: ingredientText.in100G(what),
          value: `${grams} g`,
          source: from(composition.source),
        }))
      : []),
    ...(made ? [{ what: ingredientText.madeFrom, value: made.raw.name, source: from(made.source) }] : []),
    ...LOT_STATES.flatMap((state) => {
      const keeping = row.keeping[state];
      return keeping
        ? [
            {
              what: ingredientText.keepsState(stateWords(state, row)),
              value: keepsWords(keeping),
              source: from(keeping.source),
            },
          ]
        : [];
    }),
    ...(row.ripening
      ? [
          {
            what: ingredientText.readyItKeeps,
            value: ingredientText.daysAt(
              row.ripening.spanDays,
              writeWarmth(20, household.where),
              row.ripening.coldDays,
            ),
            source: from(row.ripening.source),
          },
          ...(pace
            ? [
                {
                  what: ingredientText.inThisKitchen,
                  value: paceWords(pace) ? ingredientText.ripensPace(paceWords(pace)) : ingredientText.ripensJustSo,
                  source: ingredientText.learntFromTheLast(pace.lots),
                },
              ]
            : []),
        ]
      : []),
  ];
});
</script>

<template>
  <table class="figures lined">
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
th,
td {
  vertical-align: baseline;
}
td:nth-child(2) {
  font-weight: 600;
}
td.quiet {
  font-size: 0.92rem;
}
</style>
