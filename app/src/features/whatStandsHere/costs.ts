import type { UnitFactsDto } from '@huff/contract';

/** What is known by now, for saying what the rest would add. */
export interface KnownOfUnit {
  readonly unit: UnitFactsDto;
  readonly hasTable: boolean;
  /** An airflow was measured, or is kept from the last proof. */
  readonly hasFlow: boolean;
}

/**
 * What can be said with what is known of a unit, and what the missing answers cost, in two sentences at most: nothing is needed, each
 * answer sharpens.
 */
export function costsOf({ unit, hasTable, hasFlow }: KnownOfUnit): string {
  const sized = unit.tons !== null && unit.tons !== undefined ? true : Boolean(unit.setup?.designCfm);
  const unsaid = unit.setup?.unsaid ?? [];
  const judged = 'Static and its split are judged now.';
  if (!sized) return `${judged} Without the tons there is no target to hold the air against.`;
  if (hasTable && !unit.tap) return `${judged} Airflow needs the speed that runs: each has its own row in the table.`;
  if (!hasTable && !hasFlow)
    return unsaid.includes('motor')
      ? 'Static, its split and the drop are judged now. Airflow needs a table or one more reading; say the motor for its usual curve.'
      : 'Static, its split and the drop are judged now. Airflow needs a table or one more reading.';
  if (unit.maxTespInWc === null || unit.maxTespInWc === undefined)
    return 'Everything is judged now; the plate’s maximum is assumed until somebody reads it.';
  return 'Everything is judged now.';
}
