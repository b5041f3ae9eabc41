// The one copy of Zod: rooms that name its types take them from here.

export * from './chain-schema';
export * from './desk-names';
export { NUMBERS, SUPPORTS } from './exercise-schema';
export * from './limits';
export * from './work-schema';
export { z } from './zod';
