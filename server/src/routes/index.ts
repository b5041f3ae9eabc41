import { health } from './health';
import { keepWorkRoute } from './keep-work';
import { listWorksRoute } from './list-works';
import type { Route } from './route';

/** The requests of the API. To add one is to add a file and a row. */
export const ROUTES: readonly Route[] = [health, listWorksRoute, keepWorkRoute];
