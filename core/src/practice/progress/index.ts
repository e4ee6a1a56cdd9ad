export type { DrillResult } from './drillResult';
export { dueSkills, SKILL_NAMES, type SkillFigure, skillFigures } from './skillFigures';
