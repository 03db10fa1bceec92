export * from './types';
export * from './density';
export * from './pieces';
export * from './catalogue';
export * from './preparation';
export * from './making';
