export * from './door';
export * from './endpoints';
