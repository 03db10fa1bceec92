export { nounFor, writeAmount } from './amount';
export { writeLine, writeSize, type WrittenLine } from './line';
export { isBritish, spelt } from './enUS';
export { capital, listed, sentenceOf, sentencesOf, USUAL_READER, type Reader } from './sentence';
export * from './en/texts';
export {
  lengthAloud,
  stepLength,
  writeLength,
  writeMoney,
  writeOven,
  writeSmallLength,
  writeWarmth,
  type Written,
} from './units';
