import type { VisitDto } from '@huff/contract';
import { View } from 'react-native';
import { useState } from 'react';
import { units } from '../../data/records';
import { TextButton } from '../../ui/page';
import { Txt } from '../../ui/text';
import { KeepAsUnit } from './KeepAsUnit';
import { learntAt } from './learnt';

interface LearntNoticeProps {
  readonly visit: VisitDto;
  readonly onVisit: (visit: VisitDto) => void;
}

/** What was learnt here of the unit, offered back to its record; of a quick check, the way to make it a unit. */
export function LearntNotice({ visit, onVisit }: LearntNoticeProps) {
  const kept = units.useList().records.find(({ record }) => record.id === visit.unitId);
  const [keeping, setKeeping] = useState(false);
  if (!visit.unitId)
    return visit.readings.length === 0 ? null : (
      <View>
        <TextButton onPress={() => setKeeping(true)}>Save as unit</TextButton>
        <KeepAsUnit open={keeping} visit={visit} onVisit={onVisit} onClose={() => setKeeping(false)} />
      </View>
    );
  const learnt = kept && learntAt(visit, kept.record);
  if (!kept || !learnt) return null;
  const what = learnt.words.join(', ');
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
      <Txt size={15} style={{ flex: 1 }}>
        New for this unit: {what}.
      </Txt>
      <TextButton onPress={() => units.change(kept, learnt.unit, `${kept.record.name}: ${what} saved.`)}>
        Save to unit
      </TextButton>
    </View>
  );
}
