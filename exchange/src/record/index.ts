export * from './tries';
