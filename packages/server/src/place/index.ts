export { addReading, climateOf, listPlaces, removePlace, savePlace, tellReading } from './climate';
