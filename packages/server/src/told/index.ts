export { tellUse, toldOf, untellUse } from './told';
