// What practising and naming slips need beside the rest of the core: it comes in scripts of its own.
export * from './check/answer-key';
export * from './check/check';
export * from './check/slip/name-slips';
export { slipNamed } from './check/slip/slips';
export * from './exercise/fresh';
export * from './exercise/round';
export type { Level, Skill } from './exercise/skill/skill';
export * from './exercise/skills';
export * from './record/schedule';
