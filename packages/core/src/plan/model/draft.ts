import { ProgrammeDraft, type Programme } from '../programme';
import type { CostKind, Entry } from './types';

/** Collects a programme of which each column says what it costs for. */
export class ModelDraft {
  private readonly draft: ProgrammeDraft;
  private readonly kindOf: CostKind[];

  /** @param from what it begins with, which stays as it is */
  constructor(from?: { readonly programme: Programme; readonly kinds: readonly CostKind[] }) {
    this.draft = new ProgrammeDraft(from?.programme);
    this.kindOf = [...(from?.kinds ?? [])];
  }

  /** A column from nothing, or from a least value, to a most. @returns its index */
  pay(kind: CostKind, cost: number, upper: number, isWhole = false, lower = 0): number {
    const column = this.draft.column(cost, upper, isWhole, lower);
    this.kindOf[column] = kind;
    return column;
  }

  /** A row: `lower ≤ Σ value·column ≤ upper`. */
  row(lower: number, upper: number, entries: readonly Entry[]): void {
    this.draft.row(lower, upper, entries);
  }

  done(): { readonly programme: Programme; readonly kinds: readonly CostKind[] } {
    return { programme: this.draft.done(), kinds: this.kindOf };
  }
}
