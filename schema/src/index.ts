// The one copy of Zod: rooms that name its types take them from here.
export { z } from 'zod';
export * from './ask-schema';
export * from './chain-schema';
export * from './exercise-schema';
export * from './work-schema';
