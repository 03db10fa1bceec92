export * from './problem';
export { evaluate, type Evaluation } from './objective';
export { fit, type FitAnswer } from './solve';
