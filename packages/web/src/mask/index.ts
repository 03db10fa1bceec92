export { default as FormulaBar } from './FormulaBar.vue';
export { carriedBy, maskFileOf } from './maskLink';
export { useHandOver } from './useMaskEditor';
export { noAnswers, usePastedText, layText } from './usePastedText';
export { useRanking } from './useRanking';
