/** What stands in English as it is, beside the sentences for messages. */
export { CALENDAR_WORDS } from './calendar';
export * from './join';
export { GLOSSARY, SCREEN_HELP, type ScreenHelp, type Term } from './help';
export { SCHOOLS, type SchoolWords } from './schools';
export * from './pages';
export * from './screens';
export { BOOK_WORDS, FIRST_CARD_WORDS } from './written';
export { SECTION_WORDS, TOOL_WORDS } from './things';
