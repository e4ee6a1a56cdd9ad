import { CHECK_POINTS, UPKEEP_POINTS } from '@huff/core/call';
import { useState } from 'react';
import { View } from 'react-native';
import { ActionButton } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import type { StationPlaceProps } from '../visitState/station';
import { CallFoot } from './CallFoot';
import { Cautions } from './Cautions';
import { FoundList } from './FoundPlace';
import { CheckRow } from './CheckRow';
import { LastTime } from './LastTime';
import { PointSheet, withCheck } from './PointSheet';
import { useCall } from './useCall';

/** What this kind of unit has: no belt on a direct drive, no burner without one. */
function ownPoints(layout: string, motor: string) {
  const gas = layout !== 'airHandler';
  return UPKEEP_POINTS.filter(({ id }) => {
    if (id === 'upkeepBelt') return motor === 'beltDrive';
    if (id === 'upkeepCapacitor') return motor === 'psc' || layout !== 'makeUpAir';
    if (id === 'upkeepBurner' || id === 'upkeepFlue') return gas;
    if (id === 'upkeepHeatAmps') return !gas;
    if (layout === 'makeUpAir') return !/^(drain|float|upkeepCoil|upkeepOutdoor)/.test(id);
    return true;
  });
}

/** The station Upkeep: drain and maintenance in the order in which each is reached without undoing the last. */
export function UpkeepPlace({ whole, assessment, acts, frame }: StationPlaceProps) {
  const call = useCall(whole, assessment);
  const [asked, setAsked] = useState<string>();
  const points = ownPoints(whole.layout, whole.motor);
  const done = points.filter(({ id }) => call.checks.has(id));
  const found = done.filter(
    ({ id }) =>
      CHECK_POINTS.find((one) => one.id === id)?.states?.find((one) => one.id === call.checks.get(id)?.state)?.finding,
  );
  const next = points.find(({ id }) => !call.checks.has(id));
  const minutes = points.filter(({ id }) => !call.checks.has(id)).reduce((sum, one) => sum + one.minutes, 0);
  return frame({
    main: (
      <View style={{ gap: 12 }}>
        <Cautions
          unread={call.unread(['lockOut', 'rotating'])}
          onRead={(id) => acts.onWhole(withCheck(whole, { point: `caution-${id}`, state: 'read' }))}
        />
        <Heading size={19}>Drain and maintenance</Heading>
        <View>
          <LastTime visit={whole}>
            {(last) =>
              points.map((point) => (
                <CheckRow
                  key={point.id}
                  point={point}
                  check={call.checks.get(point.id)}
                  last={last.get(point.id)}
                  context={call.context}
                  onPress={() => setAsked(point.id)}
                />
              ))
            }
          </LastTime>
        </View>
        <PointSheet
          asked={asked}
          context={call.context}
          last={asked === undefined ? undefined : call.checks.get(asked)}
          onCheck={(check) => acts.onWhole(withCheck(whole, check))}
          onClose={() => setAsked(undefined)}
        />
      </View>
    ),
    side: <FoundList triage={call.triage} whole={whole} assessment={assessment} onWhole={acts.onWhole} />,
    foot: (
      <CallFoot>
        <Txt size={15} role="status">
          {`${done.length} of ${points.length} done, ${found.length} found.${next ? ` About ${minutes} minutes left.` : ''}`}
        </Txt>
        {next && (
          <ActionButton onPress={() => setAsked(next.id)} aside={`${next.minutes} min`}>
            {`Next: ${next.name.charAt(0).toLowerCase()}${next.name.slice(1)}`}
          </ActionButton>
        )}
      </CallFoot>
    ),
  });
}
