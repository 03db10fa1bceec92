export { default as BowlNotes } from './BowlNotes.vue';
export { default as PlateField } from './PlateField.vue';
export { useLog } from './useLog';
