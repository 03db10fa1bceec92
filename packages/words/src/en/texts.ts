/** What stands in English as it is, beside the sentences for messages. */
export { CALENDAR_WORDS } from './calendar';
export { GLOSSARY, SCREEN_HELP, type ScreenHelp, type Term } from './help';
export { SCHOOLS, type SchoolWords } from './schools';
export * from './pages';
export * from './screens';
export { SECTION_WORDS, TOOL_WORDS } from './things';
