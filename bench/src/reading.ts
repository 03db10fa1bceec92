import { maskToText, MOST_PASTED, readFormula } from '@amber-ladle/core/exchange';
import { CATALOGUE } from '@amber-ladle/core/ingredient';
import { BUILT_IN_MASKS } from '@amber-ladle/core/mask';
import { percentile, print, timed } from './print';

/** As long a text as may be pasted, read against the book. */
export function benchReading(): void {
  const text = BUILT_IN_MASKS.map((mask) => maskToText(mask, CATALOGUE))
    .join('\n')
    .split('\n')
    .slice(0, MOST_PASTED.lines)
    .join('\n');
  const samples = Array.from({ length: 20 }, () => timed(() => readFormula(text, CATALOGUE, 'us')));
  print(
    `read ${MOST_PASTED.lines} lines of pasted text (median)`,
    `${percentile(samples, 0.5).toFixed(0)} ms`,
    'aim < 50 ms',
  );
}
