import { api } from '@amber-ladle/contract';
import { sendFile } from '../http/file';
import { on, type Served } from '../http/serve';
import type { Household } from '../kernel/household';
import { readRestock, setRestock } from './restock';
import { changeStock, getLot, listMovements, readShelf, undoChange } from './stock';
import { exportLots, exportMovements, importStock } from './stockFiles';
import { readWaste } from './waste';

/** The shelf: lots, their book, levels, and both as tables. */
export const stockRoutes = (home: Household): Served[] => [
  on(api.stock.shelf, ({ query }) => readShelf(home, query.offset, query.limit)),
  on(api.stock.lot, ({ params }) => getLot(home, params.id)),
  on(api.stock.book, ({ query }) => listMovements(home, query.offset, query.limit)),
  on(api.stock.waste, () => readWaste(home)),
  on(api.stock.change, async ({ body }) => {
    const answer = await changeStock(home, body);
    return { answer, isNew: answer.isNew };
  }),
  on(api.stock.undo, ({ params }) => undoChange(home, params.id)),
  on(api.stock.levels, () => readRestock(home)),
  on(api.stock.setLevel, ({ params, body: { grams, seenGrams } }) => setRestock(home, { ...params, grams }, seenGrams)),
  on(api.stock.lotsFile, async ({ response }) => {
    sendFile(response, 'text/csv', 'amber-ladle-lots.csv', await exportLots(home));
  }),
  on(api.stock.bookFile, async ({ response }) => {
    sendFile(response, 'text/csv', 'amber-ladle-movements.csv', await exportMovements(home));
  }),
  on(api.stock.readFile, ({ body }) => importStock(home, body.text, body.isForReal)),
];
