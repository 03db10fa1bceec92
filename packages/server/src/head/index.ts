export { createHead, getHead, listHeads, removeHead, restoreHead, updateHead } from './heads';
export { addMeasure, listMeasures, removeMeasure } from './measures';
