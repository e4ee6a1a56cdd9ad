import type { DrillDto } from '@huff/contract';
import { readCode, type DrillResult, type Skill } from '@huff/core/practice';
import type { Kept } from '../../data/records';

/** Drills as results; of one person where a name is given. A code that an older Huff wrote otherwise is left out. */
export const drillResults = (records: readonly Kept<DrillDto>[], person?: string): DrillResult[] =>
  records.flatMap(({ record }) => {
    const read = readCode(record.code);
    if (!read.ok || (person !== undefined && record.person !== person)) return [];
    const { kind, level } = read.coded;
    const skills = Object.fromEntries([
      ...record.hits.map((skill): [Skill, 'hit'] => [skill, 'hit']),
      ...record.misses.map((skill): [Skill, 'miss'] => [skill, 'miss']),
    ]);
    return [{ ...record, kind, level, skills }];
  });
