export * from './duration';
export * from './day';
export * from './zone';
export * from './instant';
