// The one copy of Zod: rooms that name its types take them from here.
export { z } from 'zod';
export * from './chain-schema';
export * from './desk-names';
export { NUMBERS, SUPPORTS } from './exercise-schema';
export * from './limits';
export * from './work-schema';
