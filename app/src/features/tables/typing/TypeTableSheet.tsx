import type { BlowerTableDto } from '@huff/contract';
import { tonsText, type MotorKind, MOTOR_TEXT } from '@huff/core';
import { useState } from 'react';
import { v4 as uuid } from 'uuid';
import { blowerTables } from '../../../data/records';
import { FullSheet } from '../../../ui/sheet';
import { emptyDraft } from './draft';
import { keptDraft } from './keptDraft';
import { useTyping, type TypingStart } from './useTyping';
import { dateText } from '../../../ui/text';

interface TypeTableSheetProps {
  readonly open: boolean;
  readonly unit: { readonly motor: MotorKind; readonly tons?: number | null };
  readonly onKept: (table: BlowerTableDto) => void;
  readonly onClose: () => void;
}

/** A new table for a kind of unit; one half typed is gone on with. */
export function newTyping({ motor, tons }: TypeTableSheetProps['unit'], now: Date): TypingStart {
  const kept = keptDraft();
  const by = motor === 'beltDrive' ? 'rpm' : 'taps';
  return {
    head: {
      id: uuid(),
      name: `${tons ? `${tonsText(tons)} t ` : ''}${MOTOR_TEXT[motor]}, typed ${dateText(now)}`,
      motor,
      tons,
    },
    draft: kept?.by === by ? kept : emptyDraft(motor, tons),
  };
}

/** Typing a table at the unit: what is kept is the shop's, and stands here at once. */
export function TypeTableSheet(props: TypeTableSheetProps) {
  return props.open ? <Open {...props} /> : null;
}

function Open({ unit, onKept, onClose }: TypeTableSheetProps) {
  const [start] = useState(() => newTyping(unit, new Date()));
  const { body, actions, under } = useTyping(start, (table) => {
    blowerTables.create(table);
    onKept(table);
  });
  return (
    <FullSheet open panes width={1120} title="Blower table" under={under} actions={actions} onClose={onClose}>
      {body}
    </FullSheet>
  );
}
