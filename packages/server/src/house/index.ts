export { readHouse } from './house';
