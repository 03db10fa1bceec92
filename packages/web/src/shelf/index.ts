export { useScale } from './useScale';
