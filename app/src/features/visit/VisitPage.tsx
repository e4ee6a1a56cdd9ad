import type { VisitDto } from '@huff/contract';
import { format } from 'date-fns/format';
import { Link, useLocalSearchParams } from 'expo-router';
import { View } from 'react-native';
import { visits } from '../../data/records';
import { Page } from '../../ui/page';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { CheckWorkspace } from '../check/CheckWorkspace';
import { unitLine } from '../check/motorText';

/** A saved visit: everything as it was measured. A new reading or correction is kept and sent at once. */
export function VisitPage() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { records, isPending, isError } = visits.useList();
  const { mutate: save } = visits.useSave();
  const palette = usePalette();
  const kept = records.find((k) => k.record.id === id);
  if (!kept) {
    const words = isPending
      ? 'Reading the visit.'
      : isError
        ? 'This visit is not on this phone yet, and the server cannot be reached. Try again with a signal.'
        : 'There is no such visit. It may have been made on another phone that has not sent it yet.';
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
  const { record: visit, sending, why } = kept;
  const update = (changed: VisitDto) => save({ ...changed, savedAt: new Date().toISOString() });
  const notice = sending !== 'sent' && (
    <View
      role="status"
      style={{ backgroundColor: sending === 'refused' ? palette.outside : palette.edge, padding: 12, borderRadius: 6 }}
    >
      <Txt>
        {sending === 'waiting'
          ? 'Kept on this phone, waiting to be sent.'
          : `Kept on this phone, but the server would not take it: ${why ?? 'no reason given.'}`}
      </Txt>
    </View>
  );
  return (
    <CheckWorkspace
      key={visit.id}
      visit={visit}
      onVisit={update}
      under={`${format(visit.startedAt, 'd MMM HH:mm')} · ${unitLine(visit)}`}
      notice={notice}
    />
  );
}
