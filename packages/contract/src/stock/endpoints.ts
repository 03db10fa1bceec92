import type { Lot, MonthOfWaste, Reading, RestockLevel } from '@amber-ladle/core/shelf';
import { get, post, put, remove } from '../wire/endpoint';
import type { Page } from '../wire/page';
import type { FileAnswer } from '../wire/table';
import type { KeptPlace } from './place';
import type { BookLine, KeptBuyLine, KeptMovement, Shelf, StockAnswer } from './stock';

const pages = async () => (await import('../wire/page')).pageQuerySchema;
const schemas = () => import('./stock');
const places = () => import('./place');

/** A shelf of a household as a table is 200,000 letters at most; quoted as JSON it may be twice that. */
const MOST_TABLE = 1024 * 1024;

/** Lots and their book, places and what is always in the house. */
export const stock = {
  shelf: get('/shelf').asking(pages).giving<Shelf>().changingWith('shelf', 'climate', 'ingredients'),
  lot: get('/lots/:id').giving<{ lot: Lot; movements: KeptMovement[] }>().changingWith('shelf').refusing('not-found'),
  book: get('/movements').asking(pages).giving<Page<BookLine>>().changingWith('shelf'),
  buy: get('/buy')
    .giving<readonly KeptBuyLine[]>()
    .changingWith('shelf', 'bowls', 'weeks', 'heads', 'masks', 'ingredients', 'settings'),
  waste: get('/waste').giving<readonly MonthOfWaste[]>().changingWith('shelf', 'settings'),
  change: post('/stock')
    .taking(async () => (await schemas()).stockChangeSchema)
    .making<StockAnswer>()
    .refusing('not-enough', 'in-use'),
  undo: post('/stock/:id/undo').giving<StockAnswer>().refusing('not-found', 'not-enough', 'in-use'),
  places: get('/places').giving<KeptPlace[]>().changingWith('climate'),
  savePlace: put('/places/:id')
    .taking(async () => (await places()).placeSchema)
    .giving<KeptPlace[]>()
    .refusing('not-found', 'stale'),
  removePlace: remove('/places/:id').giving<KeptPlace[]>().refusing('not-found', 'in-use'),
  tellReading: post('/readings')
    .taking(async () => (await places()).readingSchema)
    .creating<Reading>(),
  levels: get('/restock').giving<RestockLevel[]>().changingWith('shelf'),
  setLevel: put('/restock/:ingredientId')
    .taking(async () => (await schemas()).restockSchema)
    .giving<RestockLevel[]>()
    .refusing('stale'),
  lotsFile: get('/files/lots.csv').givingFile(),
  bookFile: get('/files/movements.csv').givingFile(),
  buyFile: get('/files/buy.csv').givingFile(),
  readFile: post('/files/stock')
    .taking(async () => (await import('../wire/table')).importSchema, MOST_TABLE)
    .giving<FileAnswer>()
    .takingItsTime(),
  calendar: get('/calendar.ics').givingFile(),
};
