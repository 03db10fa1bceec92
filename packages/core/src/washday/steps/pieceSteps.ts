import { message, type Message } from '../../message';
import type { HandlingNote } from '../../mask';
import { amounts, saying, type BowlToMake, type RowLine } from './bowlToMake';
import { coolMinutes, MINUTES, piecesMinutes } from './minutes';
import { step, type PlanStep } from './step';

/** What one ingredient asks for by itself, by how its row says that it is prepared; empty for what is only cut or measured. */
export function pieceSteps(bowl: BowlToMake, one: RowLine, notes: readonly HandlingNote[]): readonly PlanStep[] {
  const { row } = one;
  if (row.recipe?.yield.kind === 'blend') return [makeStep(bowl, one)];
  if (row.recipe?.method === 'cook-soft' || row.recipe?.method === 'bake-soft') return softSteps(bowl, one);
  switch (row.traits.prepared) {
    case 'press':
      return [pressStep(bowl, one)];
    case 'crack':
    case 'separate':
      return [eggStep(bowl, one)];
    case 'fillet':
      return leafSteps(bowl, one, notes);
    default:
      return [];
  }
}

function pressStep(bowl: BowlToMake, { line, row }: RowLine): PlanStep {
  const { baseMinutes = 1, eachMinutes = 1, tool = 'press' } = row.traits.pressing ?? {};
  return step({
    id: `${row.id}.press`,
    kind: 'prepare',
    title: message('step.press.title', { name: row.pieces?.noun ?? row.name }),
    words: [amounts(bowl, [line])],
    lookFor: message('step.press.look'),
    tools: tool === 'grater' ? ['grater', 'sieve'] : ['press'],
    cautions: row.traits.hazards.includes('grater') ? [message('step.press.grater')] : [],
    handsOnMinutes: piecesMinutes(line.pieces ?? 1, baseMinutes, eachMinutes),
    isFresh: true,
    ingredientIds: [row.id],
  });
}

function eggStep(bowl: BowlToMake, { line, row }: RowLine): PlanStep {
  const isWhole = row.traits.prepared === 'crack';
  return step({
    id: `${row.id}.crack`,
    kind: 'prepare',
    title: message(isWhole ? 'step.crack.title' : 'step.separate.title'),
    words: [amounts(bowl, [line])],
    lookFor: message(isWhole ? 'step.crack.look' : 'step.separate.look'),
    tools: ['cup'],
    cautions: [message('step.egg.wash')],
    handsOnMinutes: piecesMinutes(line.pieces ?? 1, isWhole ? 0.5 : 1, isWhole ? 0.3 : 0.7),
    isFresh: true,
    ingredientIds: [row.id],
  });
}

/** Grams of leaf that one filleting takes a minute for. Assumption of this project. */
const FILLET_GRAMS = 60;

function leafSteps(bowl: BowlToMake, { line, row }: RowLine, notes: readonly HandlingNote[]): readonly PlanStep[] {
  const drain = step({
    id: `${row.id}.drain`,
    kind: 'prepare',
    title: message('step.drain.title'),
    words: [amounts(bowl, [line]), message('step.drain.words')],
    lookFor: message('step.drain.look'),
    tools: ['knife', 'cup'],
    cautions: [...saying(notes, 'drain-sap', row.id), message('step.drain.slips')],
    handsOnMinutes: 2,
    waitMinutes: MINUTES.drainSap,
  });
  const fillet = step({
    id: `${row.id}.fillet`,
    kind: 'prepare',
    title: message('step.fillet.title'),
    words: [message('step.fillet.words', { grams: line.grams })],
    lookFor: message('step.fillet.look'),
    tools: ['knife'],
    cautions: row.traits.hazards.includes('slippery') ? [message('step.fillet.floor')] : [],
    handsOnMinutes: piecesMinutes(line.grams / FILLET_GRAMS, 2, 1),
    after: [{ stepId: drain.id }],
    isFresh: true,
    ingredientIds: [row.id],
  });
  return [drain, fillet];
}

function softSteps(bowl: BowlToMake, { line, row }: RowLine): readonly PlanStep[] {
  const { name, recipe } = row;
  const { oven } = recipe ?? {};
  const pieces = line.pieces ?? Math.max(1, line.grams / 100);
  const boil = step({
    id: `${row.id}.boil`,
    kind: 'boil',
    lookFor: message('step.cook-soft.look'),
    ingredientIds: [row.id],
    ...(oven
      ? {
          title: message('step.bake.title', { name }),
          words: [amounts(bowl, [line]), message('step.bake.words', { degrees: oven.degreesC })],
          tools: ['knife'],
          handsOnMinutes: piecesMinutes(pieces, 2, 0.5),
          waitMinutes: oven.minutes,
        }
      : {
          title: message('step.cook-soft.title', { name }),
          words: [amounts(bowl, [line]), message('step.cook-soft.words')],
          tools: ['knife', 'pan'],
          handsOnMinutes: piecesMinutes(pieces, 2, 1.5),
          waitMinutes: recipe?.pot?.minutes ?? 0,
          usesRing: true,
        }),
  });
  const drained = step({
    id: `${row.id}.cool`,
    kind: 'cool',
    title: message(oven ? 'step.peel-baked.title' : 'step.drain-soft.title', { name }),
    lookFor: message('step.drain-soft.look'),
    waitMinutes: coolMinutes(line.grams),
    after: [{ stepId: boil.id, withinMinutes: 10 }],
  });
  return [boil, drained];
}

/** A made thing of one's own is made with the hands for ten minutes at the most; the rest it stands. */
const MOST_HANDS_ON = 10;

function makeStep(bowl: BowlToMake, { line, row }: RowLine): PlanStep {
  const { standMinutes = 0, how = '' } = row.recipe ?? {};
  const minutes = Math.round(standMinutes);
  const handsOnMinutes = Math.min(MOST_HANDS_ON, Math.max(1, minutes));
  const words: readonly Message[] = [amounts(bowl, [line]), ...(how ? [message('said', { text: how })] : [])];
  return step({
    id: `${row.id}.make`,
    kind: 'prepare',
    title: message('step.make.title', { name: row.name }),
    words,
    handsOnMinutes,
    waitMinutes: Math.max(0, minutes - handsOnMinutes),
    isFresh: row.traits.hazards.includes('raw-egg'),
    ingredientIds: [row.id],
  });
}

export function cutStep(bowl: BowlToMake, lines: readonly RowLine[]): PlanStep {
  const pieces = lines.reduce((sum, { line }) => sum + Math.min(line.pieces ?? line.grams / 100, 6), 0);
  return step({
    id: 'cut',
    kind: 'prepare',
    title: message('step.cut.title'),
    words: [
      amounts(
        bowl,
        lines.map(({ line }) => line),
      ),
    ],
    lookFor: message('step.cut.look'),
    tools: ['knife', 'board'],
    handsOnMinutes: piecesMinutes(pieces, 1, 1.2),
    isFresh: true,
    ingredientIds: lines.map(({ row }) => row.id),
  });
}

export function measureStep(bowl: BowlToMake, lines: readonly RowLine[]): PlanStep {
  return step({
    id: 'measure',
    kind: 'measure',
    title: message('step.measure.title'),
    words: [
      amounts(
        bowl,
        lines.map(({ line }) => line),
      ),
    ],
    tools: ['spoons', 'scale'],
    handsOnMinutes: piecesMinutes(lines.length, 1, 0.7),
    ingredientIds: lines.map(({ row }) => row.id),
  });
}
