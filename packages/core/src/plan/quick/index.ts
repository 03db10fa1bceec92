export { QuickLook } from './look';
