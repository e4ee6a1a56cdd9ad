import { checkPoint, checksOf, type CallAssessment, type GateLine } from '@huff/core/call';
import { useState } from 'react';
import { View } from 'react-native';
import { Choice } from '../../../ui/form';
import { TemperatureLadder } from '../../../ui/ladder';
import { Heading } from '../../../ui/text';
import { useIsWide } from '../../../ui/theme';
import { withCheck } from '../../visitState/withCheck';
import type { StepProps } from '../../visitState/station';
import { useWholeVisit } from '../../visitState/WholeVisit';
import { BestReading } from '../../causes/BestReading';
import { CallLines } from '../CallLines';
import { Cautions } from '../Cautions';
import { FoundList } from '../FindingsStep';
import { PointList } from '../PointList';
import { useCall } from '../useCall';
import { ChargeDone } from './ChargeDone';
import { CircuitAsked } from './CircuitAsked';
import { CircuitFoot } from './CircuitFoot';
import { ColdWords, InHeating, LadderWords } from './CircuitWords';
import { Gate, GATE_FIELD, GATE_STATION } from './Gate';
import { drawnGaps, drawnMarks, fieldOfMark } from './ladderMarks';
import { MoreSheet } from './MoreSheet';
import { PatternList } from './PatternList';
import { Said } from './Said';
import { useCircuit } from './useCircuit';

/** Under this outdoors the fan's control matters, °F. */
const COLD_F = 65;

const CIRCUITS = ['1', '2', '3'];

/** How the outdoor fan runs, as it is seen. */
function OutdoorFan({ call }: { readonly call: CallAssessment }) {
  const { whole, setWhole } = useWholeVisit();
  return (
    <View style={{ gap: 6 }}>
      <Heading size={17}>Outdoor fan</Heading>
      <Choice
        label="Outdoor fan"
        options={checkPoint('outdoorFan')!.states!.map(({ id, text }) => ({ id, text }))}
        chosen={call.checks.get('outdoorFan')?.state ?? null}
        onChoose={(state) => setWhole(withCheck(whole, { point: 'outdoorFan', state }))}
      />
    </View>
  );
}

/** The station Refrigerant: a gate, then one circuit at a time on a ladder of temperatures. */
export function RefrigerantStep({ assessment, acts, frame, width }: StepProps) {
  const { whole, setWhole } = useWholeVisit();
  const call = useCall(whole, assessment);
  const [chosen, setChosen] = useState('1');
  const [asked, setAsked] = useState<string>();
  const [more, setMore] = useState(false);
  const wide = useIsWide();
  const { own, keep, circuit, isRead, keepOnUnit } = useCircuit(call, chosen);
  const ladder = circuit?.ladder;
  const gate = (circuit ?? call.circuits[0])!.gate;
  const open = (id: GateLine['id']) => {
    const station = id === 'stop' ? assessment.stop?.step : GATE_STATION[id];
    if (station) acts.goTo(station);
    else if (id === 'outdoor') setWhole(withCheck(whole, { point: 'headHeld', state: 'held' }));
    else if (id === 'coil') setWhole(withCheck(whole, { point: 'coilWet', state: 'normal' }));
    else setAsked(GATE_FIELD[id]);
  };
  const thawAt = checksOf(whole.facts ?? []).findLast(({ point }) => point === 'thaw')?.takenAt;
  const isCold = (ladder?.marks.get('outdoor')?.tempF ?? COLD_F) < COLD_F;
  return frame({
    main: (
      <View style={{ gap: 14 }}>
        <Cautions unread={call.unread(['refrigerant', 'lockOut'])} />
        <Gate lines={gate} onLine={open} />
        <Choice
          as="strip"
          label="Circuit"
          options={CIRCUITS.map((id) => ({
            id,
            text: isRead(id) || id === '1' ? `circuit ${id}` : `+ ${id}`,
          }))}
          chosen={chosen}
          onChoose={setChosen}
        />
        <Said own={own} onMore={() => setMore(true)} onKeep={keepOnUnit} />
        <TemperatureLadder
          marks={drawnMarks(ladder)}
          gaps={drawnGaps(ladder)}
          width={width}
          onMark={(id) => setAsked(fieldOfMark(id))}
        />
        <LadderWords circuit={circuit} />
        {whole.mode === 'heating' && (
          <InHeating circuit={circuit} supplyF={own.supplyF} onSupply={() => setAsked('supplyF')} />
        )}
        {!circuit?.patterns && <CallLines lines={circuit?.outdoorSide ?? []} />}
        <CallLines lines={ladder?.notes ?? []} />
        {circuit?.washed && <CallLines lines={[circuit.washed]} />}
        <View>
          <Heading size={17}>Other checks</Heading>
          <PointList ids={[...(isCold ? ['headHeld'] : []), 'leakSearch', 'coilWet', 'outdoorWashed']} call={call} />
        </View>
        <ChargeDone begin={{ circuit: chosen, refrigerant: own.refrigerant }} />
        {(call.checks.has('outdoorFan') || isCold) && <OutdoorFan call={call} />}
        <ColdWords circuit={circuit} />
        {!wide && circuit?.patterns && <PatternList circuit={circuit} />}
        <BestReading onMeasure={acts.measure} />
        <CircuitAsked asked={asked} own={own} onAsk={setAsked} onKeep={keep} />
        <MoreSheet open={more} own={own} onKeep={keep} onClose={() => setMore(false)} />
      </View>
    ),
    side: (
      <>
        {circuit?.patterns && <PatternList circuit={circuit} />}
        <FoundList triage={call.triage} />
      </>
    ),
    foot: (
      <CircuitFoot
        circuit={circuit}
        shut={gate.filter(({ isOpen }) => !isOpen)}
        onAsk={setAsked}
        onLine={open}
        thawAt={thawAt}
        onThaw={() => setWhole(withCheck(whole, { point: 'thaw', state: 'begun' }))}
      />
    ),
  });
}
