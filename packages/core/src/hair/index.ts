export * from './profile';
export * from './landmarks';
export * from './strands';
export * from './demand';
