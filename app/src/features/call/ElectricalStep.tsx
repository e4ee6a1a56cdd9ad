import { withCheck } from '../visitState/withCheck';
import type { MotorKind } from '@huff/core';
import { AFTER_MOTOR_POINTS, AMPS_POINTS, POWER_SCHEMES, type CallAssessment } from '@huff/core/call';
import { View } from 'react-native';
import { Choice } from '../../ui/form';
import { TextButton } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { useState } from 'react';
import type { StepProps } from '../visitState/station';
import { BestReading } from '../causes/BestReading';
import { CallLines } from './CallLines';
import { PointList } from './PointList';
import { PowerView } from './PowerView';
import { useCall } from './useCall';
import { useWholeVisit } from '../visitState/WholeVisit';

/** What an open door does to the amps of each kind of motor. */
const DOOR_OPEN: Readonly<Record<MotorKind, string>> = {
  psc: 'this motor draws more with the door open',
  beltDrive: 'this motor draws more with the door open',
  constantTorque: 'this motor draws less while it is inside its range, and more at its limit on a restricted duct',
  constantAirflow: 'this motor draws less while it is inside its range, and more at its limit on a restricted duct',
};

/** The unit whose readings were begun, the outdoor one where a call is for it; else the blower. */
const begunSide = ({ outdoor, power, complaint }: CallAssessment): 'blower' | 'outdoor' =>
  power.suspects.told === 0 && (outdoor.suspects.told > 0 || complaint?.isOutdoors) ? 'outdoor' : 'blower';

/** The station Power: the way of line voltage and 24 V from the disconnect to the wheel, for this unit's kind of control. */
export function ElectricalStep({ assessment, acts, frame }: StepProps) {
  const { whole, setWhole } = useWholeVisit();
  const call = useCall(whole, assessment);
  const [side, setSide] = useState<'blower' | 'outdoor'>(() => begunSide(call));
  const { scheme } = call.power;
  const [choosing, setChoosing] = useState(false);
  const [after, setAfter] = useState(() => AFTER_MOTOR_POINTS.some(({ id }) => call.checks.has(id)));
  // Neither the motor nor its control was said: what is drawn is only the commonest.
  const isTaken = !call.checks.has('scheme') && (whole.setup?.unsaid ?? []).includes('motor');
  const fitting = POWER_SCHEMES.filter(({ motors, id }) => id === scheme.id || motors.includes(whole.motor));
  const sides = (
    <Choice
      as="strip"
      label="Indoor or outdoor"
      options={[
        { id: 'blower', text: 'blower' },
        { id: 'outdoor', text: 'outdoor unit' },
      ]}
      chosen={side}
      onChoose={setSide}
    />
  );
  if (side === 'outdoor')
    return (
      <PowerView
        call={call}
        power={call.outdoor}
        what="The outdoor unit"
        cautions={['lockOut', 'live', 'capacitor', 'refrigerant']}
        frame={frame}
        head={
          <View style={{ gap: 6 }}>
            {sides}
            <Txt size={15} color="softInk">
              {call.outdoor.scheme.name}
            </Txt>
          </View>
        }
        below={
          <View style={{ gap: 4 }}>
            <Heading size={17}>Compressor in detail</Heading>
            <PointList
              ids={['compCS', 'compCR', 'compSR', 'compGround', 'compAmps', 'crankcaseHeater', 'defrostRun']}
              call={call}
            />
          </View>
        }
      />
    );
  return (
    <PowerView
      call={call}
      power={call.power}
      what={scheme.provesOnly ? 'Confirmation' : 'Power'}
      cautions={['lockOut', 'live']}
      frame={frame}
      head={
        <View style={{ gap: 6 }}>
          {sides}
          {scheme.id === 'threePhase' && call.context.phases === 1 && (
            <Txt role="alert" size={15}>
              The nameplate says single phase, so there are no three legs. Is the control or the nameplate wrong?
            </Txt>
          )}
          <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
            <Txt size={15} color="softInk" style={{ flex: 1 }}>
              {isTaken ? `${scheme.name}: assumed; set up equipment` : scheme.name}
            </Txt>
            {fitting.length > 1 && (
              <TextButton onPress={() => setChoosing(!choosing)}>{choosing ? 'Close' : 'Change control'}</TextButton>
            )}
          </View>
          {choosing && (
            <Choice
              as="rows"
              label="Blower control"
              options={fitting.map(({ id, name }) => ({ id, text: name }))}
              chosen={scheme.id}
              onChoose={(id) => {
                setChoosing(false);
                setWhole(withCheck(whole, { point: 'scheme', state: id }));
              }}
            />
          )}
        </View>
      }
      below={
        <View style={{ gap: 4 }}>
          <BestReading onMeasure={acts.measure} />
          <Heading size={17}>While it runs</Heading>
          <PointList ids={AMPS_POINTS.map(({ id }) => id)} call={call} />
          <CallLines lines={call.amps} />
          <TextButton onPress={() => acts.askMethod('motorLoad')}>Measure volts and amps</TextButton>
          <Txt size={14} color="softInk">
            {`Doors on, at cooling and heating speed. Amps with the door open do not count: ${DOOR_OPEN[whole.motor]}.`}
          </Txt>
          <TextButton onPress={() => setAfter(!after)}>
            {after ? 'Close motor checklist' : 'Open motor checklist'}
          </TextButton>
          {after && <PointList ids={AFTER_MOTOR_POINTS.map(({ id }) => id)} call={call} />}
        </View>
      }
    />
  );
}
