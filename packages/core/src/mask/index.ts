export * from './types';
export * from './formula';
export * from './texture';
export * from './builtIn';
