export { isOfPages } from './kind-of-file';
export { openPdfWith } from './open-pdf';
export type { Doubt } from './page-text';
export type { Box } from './page-words';
export type { Raster } from './raster';
export { type PagesRead, type PagesSoFar, type PageTools, readPages } from './read-pages';
export { type Found, LONG_SIDE } from './read-picture';
