import type { VisitDto } from '@huff/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { useBridge } from '../../data/bridge/bridge';
import { TextButton } from '../../ui/page';
import { Txt } from '../../ui/text';
import { useMeter } from '../visitState/meter';
import type { Assessment } from '../visitState/useAssessment';
import { InstrumentsSheet } from './InstrumentsSheet';

interface InstrumentsLineProps {
  readonly visit: VisitDto;
  readonly assessment: Assessment;
  readonly onVisit: (visit: VisitDto) => void;
}

/** How many probes are live, and the way to connect them. */
export function InstrumentsLine(props: InstrumentsLineProps) {
  const { source, isLost, probes } = useBridge();
  const [isOpen, setOpen] = useState(false);
  // In a drill the instruments are put in at the unit.
  const isPractice = useMeter() !== undefined;
  const quiet = probes.filter((probe) => probe.isQuiet).length;
  const live = probes.length - quiet;
  const says = !source
    ? 'No probes connected.'
    : isLost
      ? 'Probes: connection lost.'
      : `${live} probes live${quiet > 0 ? `, ${quiet} quiet` : ''}.`;
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
      <Txt size={15} color="softInk" style={{ flex: 1 }} role="status">
        {says}
      </Txt>
      {!isPractice && <TextButton onPress={() => setOpen(true)}>{source ? 'Probes' : 'Connect probes'}</TextButton>}
      {isOpen && <InstrumentsSheet open {...props} onClose={() => setOpen(false)} />}
    </View>
  );
}
