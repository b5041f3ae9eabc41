// What practising needs beside the rest of the core: its words are many, so they come in a script of their own.
export * from './check/answer-key';
export * from './exercise/fresh';
export type { Level, Skill } from './exercise/skill/skill';
export * from './exercise/skills';
