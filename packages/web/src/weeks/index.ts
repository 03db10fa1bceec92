export { otherwiseWords } from './otherwiseWords';
