export type { AmountValue, TimedValue } from './value';
export { MESSAGES } from './table';
export {
  message,
  type IdsOf,
  type Message,
  type MessageId,
  type ParamKind,
  type ParamsOf,
  type ParamTypes,
  type ParamValue,
} from './message';
export { cannot, Impossible, saidBy } from './impossible';
