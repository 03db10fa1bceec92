export { writeAmount } from './amount';
export { writeLine, writeSize, type WrittenLine } from './line';
export { listed, sentenceOf, sentencesOf, USUAL_READER, type Reader } from './sentence';
export { SCHOOLS, SECTION_WORDS, TOOL_WORDS, type SchoolWords } from './en';
