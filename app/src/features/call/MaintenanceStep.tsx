import { inSentence } from '@huff/core';
import { unitPartsOf } from '@huff/contract/call';
import { bringList, checkPoint, equipmentOf, intoShape, upkeepRoute } from '@huff/core/call';
import { useState } from 'react';
import { View } from 'react-native';
import { useShop } from '../../data/useShop';
import { ActionButton, TextButton } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import type { StepProps } from '../visitState/station';
import { CallFoot } from './CallFoot';
import { Cautions } from './Cautions';
import { FoundList } from './FindingsStep';
import { CheckRow } from './CheckRow';
import { LastTime } from './LastTime';
import { PartsUsed } from './PartsUsed';
import { PointSheet } from './PointSheet';
import { useCall } from './useCall';
import { useWholeVisit } from '../visitState/WholeVisit';

/** The station Upkeep: drain and maintenance in the order in which each is reached without undoing the last. */
export function MaintenanceStep({ assessment, frame }: StepProps) {
  const { whole } = useWholeVisit();
  const call = useCall(whole, assessment);
  const [asked, setAsked] = useState<string>();
  const equipment = equipmentOf(whole.layout, call.checks.get('upkeepEquipment')?.state);
  const points = upkeepRoute(equipment, whole.motor).map((id) => checkPoint(id)!);
  // Nobody said the equipment: the route is only that of the commonest.
  const isTaken = !call.checks.has('upkeepEquipment') && (whole.setup?.unsaid ?? []).includes('layout');
  const { currency } = useShop();
  const neglected = call.checks.get('upkeepNeglect')?.state === 'neglected';
  const done = points.filter(({ id }) => call.checks.has(id));
  const found = done.filter(
    ({ id }) => checkPoint(id)?.states?.find((one) => one.id === call.checks.get(id)?.state)?.finding,
  );
  const next = points.find(({ id }) => !call.checks.has(id));
  const minutes = points.filter(({ id }) => !call.checks.has(id)).reduce((sum, one) => sum + one.minutes, 0);
  return frame({
    main: (
      <View style={{ gap: 12 }}>
        <Cautions unread={call.unread(['lockOut', 'rotating'])} />
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
          <View style={{ flex: 1 }}>
            <Heading size={19}>Drain and maintenance</Heading>
            <Txt size={15} color="softInk">
              {isTaken ? `${equipment.name}: assumed; set up equipment` : equipment.name}
            </Txt>
          </View>
          <TextButton onPress={() => setAsked('upkeepEquipment')}>Change equipment</TextButton>
        </View>
        <LastTime visit={whole}>
          {(last) => (
            <View style={{ gap: 12 }}>
              <Bring list={bringList(unitPartsOf(whole), [...last.values()])} />
              {neglected && (
                <Txt bold role="status">
                  {intoShape(call.triage, minutes, equipment.intervalMonths, currency).sentence}
                </Txt>
              )}
              <View>
                {points.map((point) => (
                  <CheckRow
                    key={point.id}
                    point={point}
                    check={call.checks.get(point.id)}
                    last={last.get(point.id)}
                    context={call.context}
                    onPress={() => setAsked(point.id)}
                  />
                ))}
              </View>
              <PartsUsed />
            </View>
          )}
        </LastTime>
        <PointSheet asked={asked} call={call} onClose={() => setAsked(undefined)} />
      </View>
    ),
    side: <FoundList triage={call.triage} />,
    foot: (
      <CallFoot>
        <Txt size={15} role="status">
          {`${done.length} of ${points.length} done, ${found.length} found.${next ? ` About ${minutes} minutes left.` : ''}`}
        </Txt>
        {next && (
          <ActionButton onPress={() => setAsked(next.id)} aside={`${next.minutes} min`}>
            {`Next: ${inSentence(next.name)}`}
          </ActionButton>
        )}
      </CallFoot>
    ),
  });
}

/** What to have at hand before the cabinet is opened. */
function Bring({ list }: { readonly list: readonly string[] }) {
  if (list.length === 0) return null;
  return (
    <View>
      <Heading size={17}>Bring</Heading>
      {list.map((line) => (
        <Txt key={line} size={15}>
          {line}
        </Txt>
      ))}
    </View>
  );
}
