import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CONFOUNDERS, GOING_ON, NEXT_DAY, NO_LOG, RINSING, SHEDDING, type WearLog } from '../learn';
import { logFromCsv, logToCsv, MOST_LOG, type FiledLog } from '.';

const level = fc.constantFrom(1 as const, 2 as const, 3 as const);
const words = fc.string({ maxLength: 60 }).map((text) => text.trim());
const anyLog: fc.Arbitrary<WearLog> = fc
  .record({
    said: fc.dictionary(fc.constantFrom(...GOING_ON, ...RINSING, ...NEXT_DAY), level),
    textureWas: fc.option(fc.constantFrom('runny' as const, 'stiff' as const), { nil: undefined }),
    plateCentimetres: fc.option(fc.integer({ min: 4, max: 30 }), { nil: undefined }),
    lasted: fc.option(
      fc.oneof(
        fc.record({
          kind: fc.constant('left' as const),
          millilitres: fc.integer({ min: 0, max: 5000 }),
          how: fc.constantFrom('measured' as const, 'judged' as const),
        }),
        fc.constant({ kind: 'ran-out' as const }),
        fc.record({ kind: fc.constant('ran-out' as const), afterSections: fc.integer({ min: 0, max: 12 }) }),
      ),
      { nil: undefined },
    ),
    changes: fc.uniqueArray(fc.constantFrom(...CONFOUNDERS)),
    shed: fc.option(fc.constantFrom(...SHEDDING), { nil: undefined }),
    shedCount: fc.option(fc.integer({ min: 0, max: 2000 }), { nil: undefined }),
    words,
    toChange: words,
    isNextDayAsked: fc.boolean(),
    isSetAside: fc.boolean(),
  })
  .map(
    (log) => Object.fromEntries(Object.entries(log).filter(([, value]) => value !== undefined)) as unknown as WearLog,
  );
const beside = { at: '2026-03-01T09:00:00.000Z', headName: 'Wren', maskName: '=Rice, "silk"', madeMillilitres: 200 };
const text = logToCsv([{ bowlId: 'b', headId: 'h', log: { ...NO_LOG, said: { slip: 3 }, words: 'fine' }, ...beside }]);
/** The line with one cell written anew. */
const withCell = (column: string, value: string): string => {
  const [header = '', line = ''] = text.split('\r\n');
  const cells = line.replace('"=Rice, ""silk"""', 'x').replace('"\'=Rice, ""silk"""', 'x').split(',');
  cells[header.split(',').indexOf(column)] = value;
  return `${header}\n${cells.join(',')}`;
};

describe('the log as a table', () => {
  it('goes out and comes back equal, whatever was said', () => {
    fc.assert(
      fc.property(fc.array(anyLog, { maxLength: 5 }), (logs) => {
        const pages = logs.map((log, i): FiledLog => ({ bowlId: `b${i}`, headId: 'h', log }));
        const { rows, faults } = logFromCsv(logToCsv(pages.map((page) => ({ ...page, ...beside }))));
        expect(faults).toEqual([]);
        expect(rows).toEqual(pages);
      }),
    );
  });

  it('names line and column of what is wrong, and gives nothing half', () => {
    const fault = (column: string, value: string) => {
      const { rows, faults } = logFromCsv(withCell(column, value));
      expect(rows).toEqual([]);
      return faults[0];
    };
    expect(fault('slip', '4')).toMatchObject({ line: 2, column: 'slip' });
    expect(fault('changes', 'moon')).toMatchObject({ line: 2, column: 'changes' });
    expect(fault('left_ml', '-3')).toMatchObject({ column: 'left_ml' });
    expect(fault('shed', 'heaps')).toMatchObject({ column: 'shed' });
    expect(fault('bowl_id', '')).toMatchObject({ column: 'bowl_id' });
  });

  it('survives whatever a file may hold', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 400 }), fc.nat(400), (noise, at) => {
        const { rows, faults } = logFromCsv(text.slice(0, at) + noise + text.slice(at));
        expect(rows.length === 0 || faults.length === 0).toBe(true);
      }),
    );
    expect(logFromCsv('x'.repeat(MOST_LOG.characters + 1)).faults).toHaveLength(1);
    expect(logFromCsv('').faults).toHaveLength(1);
  });
});
