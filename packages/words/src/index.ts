export { writeAmount } from './amount';
export { writeLine, writeSize, type WrittenLine } from './line';
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
