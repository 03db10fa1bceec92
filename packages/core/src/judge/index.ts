export * from './suggest';
