import { findNodeAtLocation, parse, parseTree, printParseErrorCode, type Node, type ParseError } from 'jsonc-parser';

/** A way through a file: keys and places in lists, from the outside in. */
export type Path = readonly (string | number)[];

/** Where a text stops being JSON: its line, counted from 1, and what is wrong there, where that is known. */
export interface NoJson {
  readonly line: number;
  readonly code?: string;
}

/** A household's file as it is read: what it says, and on which line it says so. */
export class HeldText {
  private readonly text: string;
  private tree: Node | undefined | null;
  /** What stands in it, or nothing where it is no JSON. */
  readonly file: unknown;
  readonly noJson: NoJson | undefined;

  /** @param bytes in UTF-8 */
  constructor(bytes: Uint8Array) {
    this.text = new TextDecoder().decode(bytes);
    try {
      this.file = JSON.parse(this.text);
    } catch {
      const errors: ParseError[] = [];
      unlessDeep(() => parse(this.text, errors) as unknown);
      const [first] = errors;
      this.noJson = {
        line: this.lineAt(first?.offset ?? 0),
        ...(first ? { code: printParseErrorCode(first.error) } : {}),
      };
    }
  }

  /** The line of what a path leads to, or of what is nearest around it; 0 where that is nowhere. */
  lineOf(path: Path): number {
    this.tree ??= unlessDeep(() => parseTree(this.text)) ?? null;
    for (let known = [...path]; this.tree; known = known.slice(0, -1)) {
      const node = findNodeAtLocation(this.tree, known);
      if (node) return this.lineAt(node.offset);
      if (known.length === 0) break;
    }
    return 0;
  }

  private lineAt(offset: number): number {
    let line = 1;
    for (let at = this.text.indexOf('\n'); at !== -1 && at < offset; at = this.text.indexOf('\n', at + 1)) line++;
    return line;
  }
}

/** Nothing where it is nested too deep to be followed. */
function unlessDeep<T>(work: () => T): T | undefined {
  try {
    return work();
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    return undefined;
  }
}
