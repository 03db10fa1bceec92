export * from './house';
export * from './taught';
export * from './sizing';
export * from './inHand';
export * from './record';
export * from './written';
export * from './asWritten';
