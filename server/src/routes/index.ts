import { DESKS } from './desks';
import { events } from './events';
import { health } from './health';
import { look } from './looks';
import type { Route } from './route';
import { WORKS } from './works';

/** The requests of the API. To add one is to add a row. */
export const ROUTES: readonly Route[] = [health, ...WORKS, ...DESKS, events, look];
