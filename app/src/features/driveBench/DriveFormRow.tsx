import type { UnitFactsDto } from '@huff/contract';
import { shownWords, type BlowerTable } from '@huff/core';
import { useState } from 'react';
import { ListRow } from '../../ui/list';
import { DriveFormSheet } from './DriveFormSheet';

interface DriveFormRowProps {
  readonly unit: UnitFactsDto;
  readonly table?: BlowerTable | null;
  readonly onUnit: (unit: UnitFactsDto) => void;
}

/** "3.30 in. on 7.00 in., A48" */
function driveWords(drive: Record<string, unknown> | null | undefined): string | undefined {
  const { beltMark, blowerPitchIn } = drive ?? {};
  if (typeof beltMark !== 'string') return undefined;
  return typeof blowerPitchIn === 'number'
    ? `belt ${beltMark}, blower sheave ${shownWords(blowerPitchIn, 'in')}`
    : `belt ${beltMark}`;
}

/** Sheaves, belt and motor base, in a line of the unit. */
export function DriveFormRow({ unit, table, onUnit }: DriveFormRowProps) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <ListRow
        name="Sheaves and belt"
        says={driveWords(unit.setup?.drive) ?? 'as fitted'}
        onPress={() => setOpen(true)}
      />
      <DriveFormSheet open={open} unit={unit} table={table} onUnit={onUnit} onClose={() => setOpen(false)} />
    </>
  );
}
