export * from './endpoints';
export * from './head';
export * from './look';
export * from './measure';
export * from './profile';
export * from './story';
