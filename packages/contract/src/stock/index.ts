export * from './endpoints';
export * from './place';
export * from './stock';
