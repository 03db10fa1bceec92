export * from './place';
export * from './climate';
export * from './ripeness';
export * from './keeping';
export * from './window';
export * from './budget';
export * from './stock';
export * from './draw';
