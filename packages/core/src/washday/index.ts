export * from './sections';
export * from './wear';
export * from './acidRinse';
