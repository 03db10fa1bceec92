import { amountOf, type SizedLine } from '../../batch';
import type { Catalogue, Ingredient } from '../../ingredient';
import { message, type Message } from '../../message';
import type { HandlingId, HandlingNote, Mask } from '../../mask';
import type { MakingOptions } from '../../recipe';

/** A sized bowl, as far as its making needs to know it. */
export interface BowlToMake {
  readonly mask: Mask;
  readonly lines: readonly SizedLine[];
  readonly madeMillilitres: number;
  readonly catalogue: Catalogue;
  /** The school each made thing is cooked by, by ingredient. */
  readonly makings?: Readonly<Record<string, MakingOptions>>;
}

/** One line of a bowl with its row. */
export interface RowLine {
  readonly line: SizedLine;
  readonly row: Ingredient;
}

/** The amounts of some lines, as a step names them. */
export const amounts = ({ catalogue }: Pick<BowlToMake, 'catalogue'>, lines: readonly SizedLine[]): Message =>
  message('step.amounts', { amounts: lines.map((line) => amountOf(line, catalogue)) });

/** What a handling note says, where it is about an ingredient. */
export const saying = (notes: readonly HandlingNote[], id: HandlingId, ingredientId?: string): readonly Message[] =>
  notes.flatMap((note) =>
    note.id === id && (ingredientId === undefined || note.ingredientIds.includes(ingredientId)) ? [note.what] : [],
  );
