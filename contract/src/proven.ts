import { beltDriveOf, STORED_FORM } from '@huff/core';
import type { Proof } from '@huff/core/fix';
import type { ProvenUnit, UnitDto } from './unit';
import type { VisitDto } from './visit';

/** What a visit has proven, as the unit's record keeps it; nothing where it proves nothing. @param at when it is kept */
export function provenUnit(visit: VisitDto, { proven }: Proof, at: string): ProvenUnit | undefined {
  return (
    proven && {
      form: STORED_FORM,
      visitId: visit.id,
      at,
      flowCfm: proven.flowCfm,
      tespInWc: proven.tespInWc,
      // As it comes back over the wire: without undefined fields.
      system: JSON.parse(JSON.stringify(proven.system)) as ProvenUnit['system'],
    }
  );
}

/** The unit's record after the work: tap, drive, filters and the path as proven. @param after the part of the visit after its plan */
export function unitAfter(unit: UnitDto, after: VisitDto, proven: ProvenUnit): UnitDto {
  const drive = after.setup?.drive;
  return {
    ...unit,
    tap: after.tap ?? unit.tap,
    proven,
    setup: {
      ...unit.setup,
      ...(after.setup?.filterPlace ? { filterPlace: after.setup.filterPlace } : {}),
      // A box above a bare grille frees its face.
      ...(unit.setup?.bareGrilleCollarIn ? { bareGrilleCollarIn: after.setup?.bareGrilleCollarIn ?? null } : {}),
      ...(drive && beltDriveOf(drive) ? { drive } : {}),
    },
  };
}
