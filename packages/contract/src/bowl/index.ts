export * from './bowl';
export * from './choices';
export * from './endpoints';
export * from './keep';
export * from './life';
