// What practising and naming slips need beside the rest of the core: it comes in scripts of its own.
export * from './answer/answer-key';
export * from './check/check';
export * from './check/name-slips';
export type { Level, Skill } from './content/skill/skill';
export * from './content/skills';
export * from './practice/example';
export * from './practice/fresh';
export * from './practice/outcome';
export * from './practice/round';
export * from './practice/schedule';
export * from './record/begun-rounds';
export { slipNamed } from './slip/slips';
