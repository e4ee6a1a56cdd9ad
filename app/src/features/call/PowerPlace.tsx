import { AFTER_MOTOR_POINTS, POWER_SCHEMES } from '@huff/core/call';
import { View } from 'react-native';
import { Choice } from '../../ui/form';
import { TextButton } from '../../ui/page';
import { Txt } from '../../ui/text';
import { useState } from 'react';
import type { StationPlaceProps } from '../visitState/station';
import { CheckRow } from './CheckRow';
import { PointSheet, withCheck } from './PointSheet';
import { PowerView } from './PowerView';
import { useCall } from './useCall';

/** The station Power: the way of line voltage and 24 V from the disconnect to the wheel, for this unit's kind of control. */
export function PowerPlace({ whole, assessment, acts, frame }: StationPlaceProps) {
  const call = useCall(whole, assessment);
  const { scheme } = call.power;
  const [choosing, setChoosing] = useState(false);
  const [asked, setAsked] = useState<string>();
  const [after, setAfter] = useState(() => AFTER_MOTOR_POINTS.some(({ id }) => call.checks.has(id)));
  const fitting = POWER_SCHEMES.filter(({ motors, id }) => id === scheme.id || motors.includes(whole.motor));
  return (
    <PowerView
      whole={whole}
      assessment={assessment}
      call={call}
      power={call.power}
      what={scheme.provesOnly ? 'The proof' : 'Power'}
      cautions={['lockOut', 'live']}
      onWhole={acts.onWhole}
      frame={frame}
      head={
        <View style={{ gap: 6 }}>
          <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
            <Txt size={15} color="softInk" style={{ flex: 1 }}>
              {scheme.name}
            </Txt>
            {fitting.length > 1 && (
              <TextButton onPress={() => setChoosing(!choosing)}>{choosing ? 'Close' : 'Other control'}</TextButton>
            )}
          </View>
          {choosing && (
            <Choice
              as="rows"
              label="How the blower is switched"
              options={fitting.map(({ id, name }) => ({ id, text: name }))}
              chosen={scheme.id}
              onChoose={(id) => {
                setChoosing(false);
                acts.onWhole(withCheck(whole, { point: 'scheme', state: id }));
              }}
            />
          )}
        </View>
      }
      below={
        <View style={{ gap: 4 }}>
          <TextButton onPress={() => acts.askMethod('motorLoad')}>Volts and amps of the motor, each leg</TextButton>
          <TextButton onPress={() => setAfter(!after)}>
            {after ? 'After a new motor: close' : 'After a new motor'}
          </TextButton>
          {after &&
            AFTER_MOTOR_POINTS.map((point) => (
              <CheckRow
                key={point.id}
                point={point}
                check={call.checks.get(point.id)}
                context={call.context}
                onPress={() => setAsked(point.id)}
              />
            ))}
          <PointSheet
            asked={asked}
            context={call.context}
            last={asked === undefined ? undefined : call.checks.get(asked)}
            onCheck={(check) => acts.onWhole(withCheck(whole, check))}
            onClose={() => setAsked(undefined)}
          />
        </View>
      }
    />
  );
}
