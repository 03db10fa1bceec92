export * from './profile';
export * from './head';
export * from './bowl';
export * from './settings';
export * from './ingredient';
export * from './problem';
export * from './page';
export * from './mask';
