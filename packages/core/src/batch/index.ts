export * from './losses';
export * from './caps';
export * from './choices';
export * from './fit';
export * from './amounts';
export * from './size';
export * from './inHand';
export * from './write';
