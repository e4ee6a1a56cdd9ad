import { knownInputsFor } from '@huff/contract';
import { shownText, toolText } from '@huff/core';
import { checkPoint, checksOf, fanCyclingPsig, laddersOf, REFRIGERANTS, type GateLine } from '@huff/core/call';
import { useState } from 'react';
import { View } from 'react-native';
import { Choice } from '../../../ui/form';
import { NumberSheet } from '../../../ui/keypad';
import { TemperatureLadder } from '../../../ui/ladder';
import { TextButton } from '../../../ui/page';
import { Sheet } from '../../../ui/sheet';
import { Heading, Txt } from '../../../ui/text';
import { useIsWide } from '../../../ui/theme';
import { withFact } from '../../visitState/newFact';
import { withCheck } from '../../visitState/withCheck';
import type { StationPlaceProps } from '../../visitState/station';
import { CallLines } from '../CallLines';
import { Cautions } from '../Cautions';
import { FoundList } from '../FoundPlace';
import { PointList } from '../PointList';
import { useCall } from '../useCall';
import { ChargeDone } from './ChargeDone';
import { CircuitFoot } from './CircuitFoot';
import { Gate, GATE_FIELD, GATE_STATION } from './Gate';
import { askedField, drawnGaps, drawnMarks, fieldOfMark } from './ladderMarks';
import { MoreSheet } from './MoreSheet';
import { PatternList } from './PatternList';
import { Said } from './Said';
import { usePlate } from './usePlate';

/** Under this outdoors the fan's control matters, °F. */
const COLD_F = 65;

/** The station Refrigerant: a gate, then one circuit at a time on a ladder of temperatures. */
export function RefrigerantPlace({ whole, assessment, acts, frame, width }: StationPlaceProps) {
  const call = useCall(whole, assessment);
  const [chosen, setChosen] = useState('1');
  const [asked, setAsked] = useState<string>();
  const [more, setMore] = useState(false);
  const wide = useIsWide();
  const { begin: ofUnit, keepOf } = usePlate(whole.unitId);
  // What was typed elsewhere in the visit is not typed again here.
  const begin: Record<string, unknown> = { ...ofUnit, ...knownInputsFor(whole, 'ladder') };
  const ladders = laddersOf(whole.facts ?? []);
  const raw = { ...begin, ...ladders.get('1'), ...ladders.get(chosen), circuit: chosen } as Record<string, unknown>;
  // A circuit not read yet begins with what the unit shares, not with another circuit's readings.
  const own: Record<string, unknown> = ladders.has(chosen)
    ? raw
    : {
        ...begin,
        refrigerant: raw.refrigerant,
        metering: raw.metering,
        outdoorF: raw.outdoorF,
        returnF: raw.returnF,
        returnWetBulbF: raw.returnWetBulbF,
        minutesRunning: raw.minutesRunning,
        circuit: chosen,
      };
  const circuit = call.circuits.find(({ id }) => id === chosen);
  const ladder = circuit?.ladder;
  const keep = (changed: Record<string, unknown>) => {
    const inputs = Object.fromEntries(
      Object.entries({ ...own, ...changed }).filter(([, value]) => value !== undefined && value !== null),
    );
    acts.onWhole(withFact(whole, 'ladder', inputs, new Date()));
  };
  const open = (id: GateLine['id']) => {
    const station = id === 'stop' ? assessment.stop?.step : GATE_STATION[id];
    if (station) acts.goTo(station);
    else if (id === 'outdoor') acts.onWhole(withCheck(whole, { point: 'headHeld', state: 'held' }));
    else if (id === 'coil') acts.onWhole(withCheck(whole, { point: 'coilWet', state: 'normal' }));
    else setAsked(GATE_FIELD[id]);
  };
  const thawAt = checksOf(whole.facts ?? []).findLast(({ point }) => point === 'thaw')?.takenAt;
  const cycling = ladder && fanCyclingPsig(ladder.refrigerant, undefined, whole.setup?.altitudeFt ?? undefined);
  const isCold = (ladder?.marks.get('outdoor')?.tempF ?? COLD_F) < COLD_F;
  const over = ladder?.gaps.get('condensingOver');
  const field = asked === undefined ? undefined : askedField(asked, own[asked]);
  // A gauge is asked for once it is known what it is on.
  const namesFirst = (asked === 'suctionPsig' || asked === 'highPsig') && own.refrigerant === undefined;
  const shut = (circuit ?? call.circuits[0])!.gate.filter(({ isOpen }) => !isOpen);
  return frame({
    main: (
      <View style={{ gap: 14 }}>
        <Cautions
          unread={call.unread(['refrigerant', 'lockOut'])}
          onRead={(id) => acts.onWhole(withCheck(whole, { point: `caution-${id}`, state: 'read' }))}
        />
        <Gate lines={(circuit ?? call.circuits[0])!.gate} onLine={open} />
        <Choice
          as="strip"
          label="Circuit"
          options={['1', '2', '3'].map((id) => ({
            id,
            text: ladders.has(id) || id === '1' ? `circuit ${id}` : `+ ${id}`,
          }))}
          chosen={chosen}
          onChoose={setChosen}
        />
        <Said own={own} onMore={() => setMore(true)} onKeep={ladders.has(chosen) ? keepOf(own) : undefined} />
        <TemperatureLadder
          marks={drawnMarks(ladder)}
          gaps={drawnGaps(ladder)}
          width={width}
          onMark={(id) => setAsked(fieldOfMark(id))}
        />
        {(circuit?.errors ?? []).map(({ field: at, message }) => (
          <Txt key={at + message} role="alert" size={15}>
            {message}
          </Txt>
        ))}
        {[...(ladder?.gaps.values() ?? [])].flatMap(({ id, note, name }) =>
          note
            ? [
                <Txt key={id} size={14} color="softInk">
                  {`${name}: ${note}`}
                </Txt>,
              ]
            : [],
        )}
        {ladder?.pressureRatio !== undefined && (
          <Txt size={14} color="softInk">
            {`Pressure ratio ${ladder.pressureRatio.toFixed(1)}${over ? `, condensing ${shownText(over.valueF, 'deltaF', 0)} over outdoors` : ''}.`}
          </Txt>
        )}
        {whole.mode === 'heating' && (
          <View style={{ gap: 6 }}>
            <Heading size={17}>In heating</Heading>
            <CallLines lines={circuit?.heating ?? []} />
            <TextButton onPress={() => setAsked('supplyF')}>
              {typeof own.supplyF === 'number'
                ? `Supply air ${shownText(own.supplyF, 'degF', 0)}°`
                : 'Supply air, strips off'}
            </TextButton>
          </View>
        )}
        {!circuit?.patterns && <CallLines lines={circuit?.outdoorSide ?? []} />}
        <CallLines lines={ladder?.notes ?? []} />
        {circuit?.washed && <CallLines lines={[circuit.washed]} />}
        <View>
          <Heading size={17}>Looked at beside the gauges</Heading>
          <PointList
            ids={[...(isCold ? ['headHeld'] : []), 'leakSearch', 'coilWet', 'outdoorWashed']}
            call={call}
            whole={whole}
            onWhole={acts.onWhole}
          />
        </View>
        <ChargeDone whole={whole} onWhole={acts.onWhole} begin={{ circuit: chosen, refrigerant: own.refrigerant }} />
        {(call.checks.has('outdoorFan') || isCold) && (
          <View style={{ gap: 6 }}>
            <Heading size={17}>Outdoor fan</Heading>
            <Choice
              label="Outdoor fan"
              options={checkPoint('outdoorFan')!.states!.map(({ id, text }) => ({ id, text }))}
              chosen={call.checks.get('outdoorFan')?.state ?? null}
              onChoose={(state) => acts.onWhole(withCheck(whole, { point: 'outdoorFan', state }))}
            />
          </View>
        )}
        {cycling && (circuit?.cold ?? []).length > 0 && (
          <Txt size={15}>
            {`For ${ladder?.refrigerant}: fan off near ${toolText(cycling.cutOutPsig, 'psig')}, on near ${toolText(cycling.cutInPsig, 'psig')} on the high side.`}
          </Txt>
        )}
        {(circuit?.cold ?? []).map((sentence) => (
          <Txt key={sentence} role="alert" size={15}>
            {sentence}
          </Txt>
        ))}
        {!wide && circuit?.patterns && <PatternList circuit={circuit} />}
        <Sheet open={namesFirst} onClose={() => setAsked(undefined)} title="Which refrigerant">
          <View style={{ gap: 12 }}>
            <Txt size={15} color="softInk">
              From the plate. Each makes another temperature of the same pressure, so none is taken.
            </Txt>
            <Choice
              as="rows"
              label="Refrigerant"
              options={REFRIGERANTS.map((id) => ({ id, text: id }))}
              chosen={null}
              onChoose={(id) => keep({ refrigerant: id })}
            />
          </View>
        </Sheet>
        <NumberSheet
          asked={namesFirst ? undefined : field}
          onKeep={(value) => {
            if (asked !== undefined) keep({ [asked]: value });
            setAsked(undefined);
          }}
          onClose={() => setAsked(undefined)}
        />
        <MoreSheet open={more} own={own} onKeep={keep} onClose={() => setMore(false)} />
      </View>
    ),
    side: (
      <>
        {circuit?.patterns && <PatternList circuit={circuit} />}
        <FoundList triage={call.triage} whole={whole} assessment={assessment} onWhole={acts.onWhole} />
      </>
    ),
    foot: (
      <CircuitFoot
        circuit={circuit}
        shut={shut}
        onAsk={setAsked}
        onLine={open}
        thawAt={thawAt}
        onThaw={() => acts.onWhole(withCheck(whole, { point: 'thaw', state: 'begun' }))}
      />
    ),
  });
}
