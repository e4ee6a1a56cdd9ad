import type { VisitDto } from '@huff/contract';
import { Link, useLocalSearchParams } from 'expo-router';
import { useCallback } from 'react';
import { View } from 'react-native';
import { changeVisit, useVisit } from '../../data/visits';
import { Page } from '../../ui/page';
import { momentText, Txt } from '../../ui/text';
import { VisitWorkspace } from './VisitWorkspace';
import { unitLine } from '../visitState/unitWords';
import { StorageNotice } from '../waiting/StorageNotice';
import { VisitNotice } from './VisitNotice';

/** A saved visit: everything as it was measured. A new reading or correction is kept and sent at once. */
export function VisitPage() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { kept, isPending, isError } = useVisit(id);
  const revision = kept?.revision ?? 0;
  const onChange = useCallback((from: VisitDto, to: VisitDto) => changeVisit(revision, from, to), [revision]);
  if (!kept) {
    const words = isPending
      ? 'Loading visit…'
      : isError
        ? 'This visit is not on this phone yet. Try again with a signal.'
        : 'No such visit. It may be on another phone that has not synced yet.';
    return (
      <Page title="Visit" back="/">
        <View style={{ padding: 16, gap: 16 }}>
          <Txt>{words}</Txt>
          <Link href="/">
            <Txt bold color="action">
              Back to today
            </Txt>
          </Link>
        </View>
      </Page>
    );
  }
  const { record: visit } = kept;
  return (
    <VisitWorkspace
      key={visit.id}
      visit={visit}
      onChange={onChange}
      under={`${momentText(visit.startedAt)} · ${unitLine(visit)}`}
      notice={
        <>
          <StorageNotice />
          <VisitNotice kept={kept} />
        </>
      }
    />
  );
}
