export { isOfPages } from './kind-of-file';
export { MIX_UPS } from './mix-ups';
export { openPdfWith } from './open-pdf';
export type { Doubt } from './page-text';
export type { Box } from './page-words';
export type { Raster } from './raster';
export { PAGES_LIMIT, type PagesRead, type PagesSoFar, type PageTools, readPages } from './read-pages';
export type { Found } from './read-picture';
