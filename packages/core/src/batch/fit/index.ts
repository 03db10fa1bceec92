export * from './problem';
export { evaluate, SHORT_SLACK, type Evaluation } from './objective';
export { fit, type FitAnswer } from './solve';
