export * from './sections';
export * from './wear';
export * from './acidRinse';
export * from './steps';
export * from './schedule';
export * from './day';
export * from './log';
