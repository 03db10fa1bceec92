export { changeSettings, readSettings, readerIn } from './settings';
