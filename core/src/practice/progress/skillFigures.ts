import { SKILLS, type Skill } from '../cases';
import type { DrillResult } from './drillResult';

const DAY_MS = 86_400_000;
/** Days until a skill is tried again, by how often it went right in a row. (J) Spaced repetition: each hit lets it rest longer. */
const REST_DAYS = [1, 3, 7, 16, 35] as const;

export const SKILL_NAMES: Readonly<Record<Skill, string>> = {
  places: 'Places of probes',
  air: 'Air verdict',
  tap: 'Tap choice',
  belt: 'Belt',
  electrical: 'Electrical',
  refrigerant: 'Refrigerant',
  order: 'Order of work',
  safety: 'Safety',
};

/** One skill of a person. */
export interface SkillFigure {
  readonly skill: Skill;
  readonly hits: number;
  readonly tries: number;
  /** The last ones, oldest first. */
  readonly last: readonly ('hit' | 'miss')[];
  /** When it should be tried again, ms since 1970; undefined while it was never tried. */
  readonly dueMs?: number;
}

const LAST = 10;

/**
 * The skills of a person, from their drills.
 *
 * @param results in any order
 * @example one miss of 'air' today: due tomorrow
 */
export function skillFigures(results: readonly DrillResult[]): SkillFigure[] {
  const inOrder = [...results].sort((a, b) => Date.parse(a.doneAt) - Date.parse(b.doneAt));
  return SKILLS.map((skill) => {
    const tries = inOrder.flatMap(({ skills, doneAt }) => (skills[skill] ? [{ how: skills[skill], doneAt }] : []));
    const last = tries.at(-1);
    const row = tries.length - 1 - tries.findLastIndex(({ how }) => how === 'miss');
    const rest = REST_DAYS[Math.min(row, REST_DAYS.length - 1)]!;
    return {
      skill,
      hits: tries.filter(({ how }) => how === 'hit').length,
      tries: tries.length,
      last: tries.slice(-LAST).map(({ how }) => how),
      dueMs: last && Date.parse(last.doneAt) + rest * DAY_MS,
    };
  });
}

/** Skills that went wrong last and rested long enough, the longest due first. */
export const dueSkills = (figures: readonly SkillFigure[], nowMs: number): SkillFigure[] =>
  figures.filter(({ dueMs }) => dueMs !== undefined && dueMs <= nowMs).sort((a, b) => a.dueMs! - b.dueMs!);
