export * from './endpoints';
export * from './learnt';
export * from './log';
