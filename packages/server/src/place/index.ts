export { climateOf } from './climateOf';
export { addReading, listPlaces, removePlace, savePlace, tellReading } from './climate';
