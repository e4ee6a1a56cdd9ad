import { DEFAULT_RULES, type Rules } from '@huff/core';
import {
  CASE_MICROFARADS,
  CASE_PLATE_AMPS,
  CASE_VOLTS,
  type CaseRequest,
  type PracticeCase,
} from '@huff/core/practice';
import { explainVisit } from './explain';
import type { FactDto } from './fact';
import type { VisitDto } from './visit';

/** A visit to the unit of a case, before anything is read: what a technician finds on its labels and is told. */
export function caseVisit(practice: PracticeCase, now: Date, newId: () => string): VisitDto {
  const { layout, motor, blower, complaint, power } = practice;
  const takenAt = now.toISOString();
  const check = (inputs: Record<string, unknown>): FactDto => ({
    id: newId(),
    kind: 'check',
    inputs,
    takenAt,
    replacesId: null,
  });
  return {
    id: newId(),
    title: `Practice ${practice.code}`,
    unitId: null,
    layout,
    motor,
    mode: 'cooling',
    tons: blower.tons,
    maxTespInWc: blower.maxTespInWc,
    cfmPerTon: 400,
    tap: blower.tap,
    table: { id: newId(), name: blower.name, ...blower.table } as VisitDto['table'],
    startedAt: takenAt,
    readings: [],
    facts: [
      check({ point: 'complaint', state: complaint }),
      ...(power ? [check({ point: 'scheme', state: power.scheme })] : []),
      ...(motor === 'psc' && !power ? [check({ point: 'ratedMicrofarads', value: CASE_MICROFARADS })] : []),
    ],
    setup: {
      lineVolts: CASE_VOLTS,
      motorPlate: {
        plateVolts: CASE_VOLTS,
        plateAmps: CASE_PLATE_AMPS,
        phases: motor === 'beltDrive' ? 'three' : 'one',
      },
      ...(blower.drive ? { drive: blower.drive } : {}),
    },
  };
}

const NO_ID = '00000000-0000-4000-8000-000000000000';

/**
 * What is known of the unit of a case, as a visit to it asks it.
 *
 * @throws Error where a case cannot be explained: never of a case that was drawn
 */
export function caseRequest(practice: PracticeCase, rules: Rules = DEFAULT_RULES): CaseRequest {
  const visit = caseVisit(practice, new Date(0), () => NO_ID);
  const asked = explainVisit(visit, rules);
  if ('why' in asked) throw new Error(asked.why);
  const { system } = asked;
  const { cooling } = system;
  // Its seed is the case's: the same search on every phone.
  return {
    ...asked,
    seed: practice.seed,
    system: { ...system, cooling: cooling && { ...cooling, outdoorF: practice.outdoorF } },
  };
}
