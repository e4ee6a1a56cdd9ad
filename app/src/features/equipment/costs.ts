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
  if (!sized) return `${judged} Missing: tons, for an airflow target.`;
  if (hasTable && !unit.tap) return `${judged} Missing: speed in use. Each has its own row in the table.`;
  if (!hasTable && !hasFlow)
    return unsaid.includes('motor')
      ? 'Static and ΔT are judged now. For airflow add a table or a method, or choose the motor for a typical curve.'
      : 'Static and ΔT are judged now. For airflow add a table or a method.';
  if (unit.maxTespInWc === null || unit.maxTespInWc === undefined)
    return 'Everything is judged now. The nameplate maximum is assumed until you enter it.';
  return 'Everything is judged now.';
}
