export { default as DraftLines } from './DraftLines.vue';
export { useDraft, type DraftRow } from './useDraft';
export { idFor } from './rowSaid';
