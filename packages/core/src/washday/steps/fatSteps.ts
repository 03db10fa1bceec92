import { isFirmFat } from '../../ingredient';
import { OIL_TREATMENT_SHARE, oilShareOf, rowsOf, type HandlingNote } from '../../mask';
import { message } from '../../message';
import { amounts, saying, type BowlToMake, type RowLine } from './bowlToMake';
import { piecesMinutes } from './minutes';
import { step, type PlanStep } from './step';

/** In a cup in hot water fat melts, and oil is warm, in so long. Assumption of this project. */
const CUP_MINUTES = 5;

/**
 * Fats that are made warm before they go in: what is firm is melted, and all oil of an oil treatment is warmed (common
 * practice, no published source). Onto raw egg it goes lukewarm only.
 * @returns no step where nothing wants it, else one
 */
export function fatSteps(
  bowl: BowlToMake,
  rows: readonly RowLine[],
  notes: readonly HandlingNote[],
): readonly PlanStep[] {
  const fats = rows.filter(({ row }) => row.traits.matter === 'fat' && row.traits.prepared !== 'last');
  const firm = fats.filter(({ row }) => isFirmFat(row));
  const isTreatment = oilShareOf(rowsOf(bowl.mask, bowl.catalogue)) >= OIL_TREATMENT_SHARE;
  const warm = isTreatment ? fats : firm;
  if (warm.length === 0) return [];
  const melts = firm.length > 0;
  return [
    step({
      id: 'warm',
      kind: 'prepare',
      title: message(melts ? 'step.melt.title' : 'step.warm-oil.title', { names: warm.map(({ row }) => row.name) }),
      words: [
        amounts(
          bowl,
          warm.map(({ line }) => line),
        ),
        message('step.warm-oil.words', { minutes: CUP_MINUTES }),
      ],
      lookFor: message(melts ? 'step.melt.look' : 'step.warm-oil.look'),
      tools: ['cup', 'spoons'],
      cautions: saying(notes, 'warm-oil'),
      handsOnMinutes: piecesMinutes(warm.length, 1, 0.7),
      waitMinutes: CUP_MINUTES,
      ingredientIds: warm.map(({ row }) => row.id),
    }),
  ];
}
