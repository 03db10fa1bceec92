export { writeAmount } from './amount';
export { writeLine, writeSize, type WrittenLine } from './line';
export { isBritish, spelt } from './enUS';
export { listed, sentenceOf, sentencesOf, USUAL_READER, type Reader } from './sentence';
export {
  GLOSSARY,
  SCHOOLS,
  SCREEN_HELP,
  SECTION_WORDS,
  TOOL_WORDS,
  type SchoolWords,
  type ScreenHelp,
  type Term,
} from './en';
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
