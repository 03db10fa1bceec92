export * from './endpoints';
export * from './head';
export * from './measure';
export * from './profile';
export * from './story';
