export * from './making';
export * from './tree';
export * from './pots';
