export * from './volume';
export * from './mass';
export * from './length';
export * from './drops';
export * from './fraction';
export * from './spoons';
export * from './rounding';
export * from './quantity';
