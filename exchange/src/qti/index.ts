export { isArchive } from './archive';
export * from './package';
export * from './read-package';
