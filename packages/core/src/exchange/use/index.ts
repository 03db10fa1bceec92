export { readUse, type UseFields, type UseRead, type UseReading } from './readUse';
