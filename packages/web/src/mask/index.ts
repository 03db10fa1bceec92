export { default as FormulaBar } from './FormulaBar.vue';
export { useHandOver } from './useMaskEditor';
export { noAnswers, usePastedText, layText } from './usePastedText';
export { useRanking } from './useRanking';
