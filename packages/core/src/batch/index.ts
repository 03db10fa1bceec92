export * from './losses';
export * from './caps';
export * from './choices';
export * from './fit';
export * from './size';
export * from './write';
