import type { BlowerTableDto } from '@huff/contract';
import { router, useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { blowerTables, type Kept } from '../../../data/records';
import { Page } from '../../../ui/page';
import { Txt } from '../../../ui/text';
import { draftOf } from './draft';
import { newTyping } from './TypeTableSheet';
import { useTyping, type TypingStart } from './useTyping';

/** A table typed at the desk: a new one, a copy as a start for another size, or one that is corrected. */
export function TypeTablePage() {
  const { from, correct } = useLocalSearchParams<{ from?: string; correct?: string }>();
  const { records, isPending } = blowerTables.useList();
  const source = records.find(({ record }) => record.id === (correct ?? from));
  if ((from ?? correct) !== undefined && !source)
    return (
      <Page title="Blower table" back="/settings/tables">
        <View style={{ padding: 16 }}>
          <Txt>{isPending ? 'Loading table…' : 'No such table.'}</Txt>
        </View>
      </Page>
    );
  return <Typing source={source} correcting={correct !== undefined} />;
}

function startOf(source: Kept<BlowerTableDto> | undefined, correcting: boolean): TypingStart {
  if (!source) return newTyping({ motor: 'constantTorque' }, new Date());
  const { id, name, motor, tons, conditions } = source.record;
  return {
    head: correcting
      ? { id, name, motor, tons, conditions }
      : { id: uuid(), name: `${name}, another size`, motor, conditions },
    draft: draftOf(source.record),
  };
}

function Typing({ source, correcting }: { readonly source?: Kept<BlowerTableDto>; readonly correcting: boolean }) {
  const [start] = useState(() => startOf(source, correcting));
  const { body, actions, under } = useTyping(start, (table) => {
    if (source && correcting) blowerTables.change(source, table, `${table.name} corrected.`);
    else blowerTables.create(table);
    router.replace(`/settings/tables/${table.id}`);
  });
  return (
    <Page
      title={correcting ? start.head.name : 'Blower table'}
      under={under}
      back="/settings/tables"
      actions={actions}
      panes
    >
      {body}
    </Page>
  );
}
