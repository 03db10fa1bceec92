export { readHabits } from './habits';
export { plannedBowls, type PlannedBowl } from './planned';
export { readRestock, setRestock } from './restock';
export { applyChange, changeStock, getLot, listMovements, readShelf, toLot, undoChange } from './stock';
export { exportLots, exportMovements, importStock } from './stockFiles';
export { costOfBowl, readWaste } from './waste';
