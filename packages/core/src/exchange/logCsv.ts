import { message } from '../message';
import type { TextureClass } from '../hair';
import {
  CONFOUNDERS,
  GOING_ON,
  LEVELS,
  NEXT_DAY,
  PLATE_CENTIMETRES,
  RINSING,
  SHEDDING,
  type Confounder,
  type LastedOnHead,
  type Level,
  type Quality,
  type Said,
  type WearLog,
} from '../learn';
import { readTable, writeTable, type Cells, type ReadFile, type TableLimits } from './table';

/** A page of the log as a file tells it. */
export interface FiledLog {
  readonly bowlId: string;
  readonly headId: string;
  readonly log: WearLog;
}

/** What stands beside it for whoever reads the table; it is not read back. */
export interface FiledBowl {
  readonly at: string;
  readonly headName: string;
  readonly maskName: string;
  readonly madeMillilitres: number;
}

/** Ten years of a large household. */
export const MOST_LOG: TableLimits = { characters: 4_000_000, rows: 8000 };

const ASKED: readonly Quality[] = [...GOING_ON, ...RINSING, ...NEXT_DAY];
const TEXTURES = ['oil', 'runny', 'pourable', 'creamy', 'thick', 'stiff'] as const satisfies readonly TextureClass[];
const NEEDED = [
  'bowl_id',
  'head_id',
  'left_ml',
  'left_how',
  'ran_out',
  'ran_out_after',
  'texture_was',
  ...ASKED,
  'changes',
  'shed',
  'shed_count',
  'words',
  'to_change',
  'set_aside',
  'next_day_asked',
] as const;
/** Written since some time, and read where it is there. */
const PLATE = 'plate_cm';
const COLUMNS = ['worn_at', 'head', 'mask', 'made_ml', ...NEEDED, PLATE];

const yes = (isSo: boolean): string => (isSo ? 'yes' : '');

/** The log as a table, a line for each bowl on a head. 1 is poor, 2 middling, 3 good; what was not said is empty. */
export function logToCsv(pages: readonly (FiledLog & FiledBowl)[]): string {
  return writeTable(
    COLUMNS,
    pages.map(({ bowlId, headId, log, at, headName, maskName, madeMillilitres }) => {
      const left = log.lasted?.kind === 'left' ? log.lasted : undefined;
      const ranOut = log.lasted?.kind === 'ran-out' ? log.lasted : undefined;
      return [
        at,
        headName,
        maskName,
        Math.round(madeMillilitres * 10) / 10,
        bowlId,
        headId,
        left?.millilitres ?? '',
        left?.how ?? '',
        yes(ranOut !== undefined),
        ranOut?.afterSections ?? '',
        log.textureWas ?? '',
        ...ASKED.map((quality) => log.said[quality] ?? ''),
        log.changes.join(' '),
        log.shed ?? '',
        log.shedCount ?? '',
        log.words,
        log.toChange,
        yes(log.isSetAside),
        yes(log.isNextDayAsked),
        log.plateCentimetres ?? '',
      ];
    }),
  );
}

/** Reads a table of the log; what was made, when and for whom belongs to the bowls and is passed over. */
export function logFromCsv(text: string): ReadFile<FiledLog> {
  return readTable(
    text,
    NEEDED,
    (cell): FiledLog => ({
      bowlId: cell.text('bowl_id', true),
      headId: cell.text('head_id', true),
      log: {
        said: saidIn(cell),
        ...whenSaid('textureWas', optional(cell, 'texture_was', TEXTURES)),
        ...whenSaid('plateCentimetres', cell.number(PLATE, { isOptional: true, least: PLATE_CENTIMETRES.min })),
        ...whenSaid('lasted', lastedIn(cell)),
        changes: changesIn(cell),
        ...whenSaid('shed', optional(cell, 'shed', SHEDDING)),
        ...whenSaid('shedCount', cell.number('shed_count', { isOptional: true, least: 0 })),
        words: cell.text('words'),
        toChange: cell.text('to_change'),
        isNextDayAsked: cell.text('next_day_asked') !== '',
        isSetAside: cell.text('set_aside') !== '',
      },
    }),
    MOST_LOG,
  );
}

const whenSaid = <K extends string, V>(key: K, value: V | undefined): Partial<Record<K, V>> =>
  value === undefined ? {} : ({ [key]: value } as Record<K, V>);

const optional = <T extends string>(cell: Cells, column: string, known: readonly T[]): T | undefined =>
  cell.text(column) === '' ? undefined : cell.oneOf(column, known);

function saidIn(cell: Cells): Said {
  return Object.fromEntries(
    ASKED.flatMap((quality) => {
      const level = cell.number(quality, { isOptional: true });
      if (level === undefined) return [];
      if (!Number.isNaN(level) && !LEVELS.includes(level as Level)) cell.fault(quality, message('file.level'));
      return [[quality, level]];
    }),
  );
}

function changesIn(cell: Cells): Confounder[] {
  const named = cell.text('changes').split(/\s+/).filter(Boolean) as Confounder[];
  for (const one of named)
    if (!CONFOUNDERS.includes(one)) cell.fault('changes', message('file.none-of', { found: one, known: CONFOUNDERS }));
  return [...new Set(named)];
}

function lastedIn(cell: Cells): LastedOnHead | undefined {
  const millilitres = cell.number('left_ml', { isOptional: true, least: 0 });
  const afterSections = cell.number('ran_out_after', { isOptional: true, least: 0 });
  if (cell.text('ran_out') !== '') {
    if (millilitres !== undefined) cell.fault('left_ml', message('file.ran-out-or-left'));
    return { kind: 'ran-out', ...whenSaid('afterSections', afterSections) };
  }
  if (millilitres === undefined) return undefined;
  return { kind: 'left', millilitres, how: optional(cell, 'left_how', ['measured', 'judged'] as const) ?? 'judged' };
}
