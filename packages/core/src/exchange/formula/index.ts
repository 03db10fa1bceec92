export { MOST_PASTED, readFormula, type FormulaDraft } from './readFormula';
export type { PastedLine, WrittenRatio } from './lines';
export { lexiconOf, readLine, type DraftLine, type DraftQuestion, type Lexicon } from './readLine';
export { usualGrams } from './vague';
export { gramsOf, type Reckoned } from './gramsOf';
export { amountsOf, roughMillilitres, settled, type LineAnswer, type SettledLine } from './settle';
export { CARED_FOR, understoodMask, type CaredFor, type UnderstoodMask } from './understoodMask';
export type { Stretch, StretchKind } from './stretches';
