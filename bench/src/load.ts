import { join } from 'node:path';
import { firstLoad, kilobytes } from '../../e2e/support/firstLoad.mjs';
import { print } from './print';

/** What has to have come before each page is drawn, in kB gzipped. Today's is held to its aim by a test as well. */
export function benchLoad(root: string): void {
  const dist = join(root, 'packages/web/dist');
  for (const [view, aim] of [
    ['TodayView', 'aim ≤ 230 kB'],
    ['BowlView', ''],
    ['ShelfView', ''],
    ['WeeksView', ''],
    ['MakeView', ''],
  ] as const) {
    const files = firstLoad(dist, view);
    const of = (ending: string): string[] => files.filter((name) => name.endsWith(ending));
    print(`first load, ${view}: JavaScript`, `${kilobytes(dist, of('.js')).toFixed(0)} kB in ${of('.js').length}`, aim);
    print(`first load, ${view}: styles`, `${kilobytes(dist, of('.css')).toFixed(0)} kB`, '');
  }
}
