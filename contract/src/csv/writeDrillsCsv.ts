import Papa from 'papaparse';
import { readCode, SKILLS } from '@huff/core';
import type { DrillDto } from '../drill';

const HEADS = [
  'done',
  'person',
  'case',
  'level',
  'exam',
  'cause found',
  'on target',
  'stopped',
  'minutes',
  'best minutes',
  'cost',
  'hints',
  'cautions passed over',
];
const yesNo = (value: boolean | null | undefined) =>
  value === null || value === undefined ? '' : value ? 'yes' : 'no';

/** Practice drills as CSV text, the newest first, with a column for each skill. */
export function writeDrillsCsv(drills: readonly DrillDto[]): string {
  const lines = [...drills]
    .sort((a, b) => Date.parse(b.doneAt) - Date.parse(a.doneAt))
    .map((drill) => {
      const read = readCode(drill.code);
      return [
        drill.doneAt,
        drill.person ?? '',
        drill.code,
        read.ok ? read.coded.level : '',
        yesNo(drill.isExam),
        yesNo(drill.isHit),
        yesNo(drill.isOnTarget),
        yesNo(drill.isStopped),
        drill.minutes,
        drill.bestMinutes,
        drill.cost,
        drill.hints,
        drill.cautions,
        ...SKILLS.map((skill) => (drill.hits.includes(skill) ? 'hit' : drill.misses.includes(skill) ? 'miss' : '')),
      ];
    });
  return `${Papa.unparse([[...HEADS, ...SKILLS], ...lines], { newline: '\r\n', escapeFormulae: true })}\r\n`;
}
