import { faultsLeft, type Cabinet, type PracticeCase } from '@huff/core/practice';

/** Causes that are gone by the work that was done. */
export function fixedCauses(practice: PracticeCase, { done, repaired }: Cabinet): string[] {
  const left = new Set(faultsLeft(practice, { done, repaired }).map(({ cause }) => cause));
  return practice.faults.map(({ cause }) => cause).filter((id) => !left.has(id));
}
