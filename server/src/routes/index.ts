import { CLASSES } from './classes';
import { DESKS } from './desks';
import { events } from './events';
import { HEALTH } from './health';
import { look } from './looks';
import type { Route } from './route';
import { WORKS } from './works';

/** The requests of the API. To add one is to add a row. */
export const ROUTES: readonly Route[] = [...HEALTH, ...WORKS, ...DESKS, ...CLASSES, events, look];
