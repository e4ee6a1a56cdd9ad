import { withCheck } from '../visitState/withCheck';
import type { VisitDto } from '@huff/contract';
import type { EquipmentId } from '@huff/core';
import { checksOf, HEAT_PUMP_POINTS, KIT_POINTS, type HeatSequence } from '@huff/core/call';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import Svg, { G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { Choice } from '../../ui/form';
import { VerdictMark } from '../../ui/marks';
import { ActionButton, TextButton } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { DRAWN_TEXT, REGULAR, usePalette } from '../../ui/theme';
import type { StepProps } from '../visitState/station';
import { CallFoot } from './CallFoot';
import { CallLines } from './CallLines';
import { Cautions } from './Cautions';
import { FoundList } from './FindingsStep';
import { PointList } from './PointList';
import { PowerView } from './PowerView';
import { useCall } from './useCall';
import { useWholeVisit } from '../visitState/WholeVisit';

type Kind = 'gas' | 'electric' | 'heatPump';

const KIND_OF: Partial<Record<EquipmentId, Kind>> = {
  heatPump: 'heatPump',
  gasFurnace: 'gas',
  electricHeat: 'electric',
  makeUpAir: 'gas',
};

/** What heats here: as it was said of the equipment, else as far as the air path says. */
const usualKind = ({ layout, setup }: VisitDto): Kind =>
  (setup?.equipment && KIND_OF[setup.equipment]) ??
  (layout === 'furnaceCasedCoil' || layout === 'makeUpAir' ? 'gas' : 'electric');

/** The station Heat: a gas furnace's sequence as a ladder, or elements and blower by touch while they run. */
export function HeatingStep(props: StepProps) {
  const { assessment, acts, frame } = props;
  const { whole } = useWholeVisit();
  const call = useCall(whole, assessment);
  const [kind, setKind] = useState<Kind>(() => usualKind(whole));
  // Nobody said the equipment: gas or electric is only what is common.
  const isTaken = !whole.setup?.equipment && (whole.setup?.unsaid ?? []).includes('layout');
  const head = (
    <View style={{ gap: 4 }}>
      <Choice
        as="strip"
        label="Heat"
        options={[
          { id: 'gas', text: 'gas' },
          { id: 'electric', text: 'electric' },
          { id: 'heatPump', text: 'heat pump' },
        ]}
        chosen={kind}
        onChoose={setKind}
      />
      {isTaken && <Txt size={14} color="softInk">{`Assuming ${kind}. Touch the line at the top to change it.`}</Txt>}
    </View>
  );
  if (kind === 'electric') return <Electric {...props} head={head} />;
  if (kind === 'heatPump') return <HeatPump {...props} head={head} />;
  const trips = call.checks.get('limitTrips')?.state === 'trips' || call.checks.get('limitCircuit')?.state === 'limit';
  const air = assessment.airflow.word;
  return (
    <PowerView
      call={call}
      power={call.gas}
      what="The sequence"
      cautions={['gas', 'live']}
      frame={frame}
      head={head}
      below={
        <View style={{ gap: 6 }}>
          {trips && (
            <Txt size={15}>
              {air === 'cantSay'
                ? 'A tripping limit: check airflow first. Measure filter, static and rise before you touch the burner.'
                : air === 'outside'
                  ? `The airflow explains the trips: ${assessment.airflow.sentence} Fix the airflow, then watch the limit again.`
                  : 'Airflow is within target. Measure rise and clock the gas input next: over-firing, high rise or a weak limit.'}
            </Txt>
          )}
          {/* The meter's input and the rise are one method: it tells the airflow, and what is burnt against the plate. */}
          <TextButton onPress={() => acts.askMethod('gasHeat')}>Clock meter, measure rise</TextButton>
        </View>
      }
    />
  );
}

/** A heat pump that heats: frost, defrost, valve and strips; its pressures are under Refrigerant. */
function HeatPump({ assessment, acts, frame, head }: StepProps & { readonly head: React.ReactNode }) {
  const { whole } = useWholeVisit();
  const call = useCall(whole, assessment);
  return frame({
    main: (
      <View style={{ gap: 16 }}>
        {head}
        <Cautions unread={call.unread(['live', 'rotating'])} />
        <View style={{ gap: 4 }}>
          <Heading size={17}>Heat pump in heating</Heading>
          <Txt size={15} color="softInk">
            Low airflow shows as high head and a large rise, not as indoor ice. For airflow by heat rise run emergency
            heat: strips only, compressor off.
          </Txt>
        </View>
        <PointList ids={HEAT_PUMP_POINTS.map(({ id }) => id)} call={call} />
        <TextButton onPress={() => acts.goTo('refrigerant')}>Enter pressures and rise</TextButton>
        <TextButton onPress={() => acts.askMethod('electricHeat')}>Measure airflow by strips</TextButton>
      </View>
    ),
    side: <FoundList triage={call.triage} />,
    foot: (
      <CallFoot>
        <ActionButton onPress={() => acts.goTo('refrigerant')}>Next: pressures and rise</ActionButton>
      </CallFoot>
    ),
  });
}

interface Touch {
  readonly what: 'element' | 'blower';
  readonly on: boolean;
  readonly atMs: number;
}

function Electric({ assessment, acts, frame, width, head }: StepProps & { readonly head: React.ReactNode }) {
  const { whole, setWhole } = useWholeVisit();
  const call = useCall(whole, assessment);
  const touches = checksOf(whole.facts ?? []).flatMap(({ point, state, takenAt }): Touch[] =>
    point === 'element' || point === 'blowerOnHeat'
      ? [{ what: point === 'element' ? 'element' : 'blower', on: state === 'on', atMs: Date.parse(takenAt ?? '') }]
      : [],
  );
  const say = (point: string, state: string) => setWhole(withCheck(whole, { point, state }));
  const { heat, kit } = call;
  return frame({
    main: (
      <View style={{ gap: 16 }}>
        {head}
        <Cautions unread={call.unread(['burning', 'live', 'sizing'])} />
        <View style={{ gap: 4 }}>
          <Heading size={17}>Touch each one as it happens</Heading>
          <Txt size={15} color="softInk">
            Clamp an element wire and listen to the blower. The blower must start with or before the first element and
            stop last.
          </Txt>
        </View>
        <SequenceDrawing touches={touches} width={width} heat={heat} />
        <View style={{ flexDirection: 'row', gap: 8 }}>
          <TouchKey label="Element on" onPress={() => say('element', 'on')} />
          <TouchKey label="Blower on" onPress={() => say('blowerOnHeat', 'on')} />
        </View>
        <View style={{ flexDirection: 'row', gap: 8 }}>
          <TouchKey label="Element off" quiet onPress={() => say('element', 'off')} />
          <TouchKey label="Blower off" quiet onPress={() => say('blowerOnHeat', 'off')} />
        </View>
        <TextButton onPress={() => acts.askMethod('electricHeat')}>Calculate airflow</TextButton>
        <View style={{ gap: 8 }}>
          <Heading size={17}>{kit ? `Kit of ${kit.kitKw} kW` : 'Heat kit and breaker'}</Heading>
          {kit && (
            <Txt size={15}>
              {`${(kit.watts / 1000).toFixed(1)} kW as it runs, ${kit.namedKw.toFixed(1)} at 240 V.${kit.leastBreakerA === undefined ? '' : ` Smallest breaker ${kit.leastBreakerA} A.`}`}
            </Txt>
          )}
          <CallLines lines={kit?.lines ?? []} />
          <PointList ids={KIT_POINTS.map(({ id }) => id)} call={call} />
          <PointList ids={['firstBurn']} call={call} />
        </View>
      </View>
    ),
    side: <FoundList triage={call.triage} />,
    foot: (
      <CallFoot>
        <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
          <VerdictMark word={heat.word} size={20} />
          <Txt size={16} bold={heat.isStop} role={heat.isStop ? 'alert' : 'status'} style={{ flex: 1 }}>
            {heat.sentence}
          </Txt>
        </View>
      </CallFoot>
    ),
  });
}

function TouchKey({
  label,
  quiet,
  onPress,
}: {
  readonly label: string;
  readonly quiet?: boolean;
  readonly onPress: () => void;
}) {
  const palette = usePalette();
  return (
    <Pressable
      role="button"
      onPress={onPress}
      style={({ pressed }) => ({
        flex: 1,
        minHeight: 64,
        borderRadius: 6,
        borderWidth: quiet ? 1.2 : 2.5,
        borderColor: quiet ? palette.line : palette.ink,
        backgroundColor: pressed ? palette.edge : palette.sheet,
        alignItems: 'center',
        justifyContent: 'center',
      })}
    >
      <Txt bold={!quiet} size={17}>
        {label}
      </Txt>
    </Pressable>
  );
}

const LANE_HEIGHT = 44;
const LABELS = 70;

/** When elements and blower ran, against each other. */
function SequenceDrawing({
  touches,
  width,
  heat,
}: {
  readonly touches: readonly Touch[];
  readonly width: number;
  readonly heat: HeatSequence;
}) {
  const palette = usePalette();
  const times = touches.map(({ atMs }) => atMs);
  const start = times.length > 0 ? Math.min(...times) : 0;
  const end = Math.max(start + 60_000, ...times.map((time) => time + 15_000));
  const x = (ms: number) => LABELS + ((ms - start) / (end - start)) * (width - LABELS - 8);
  const of = (what: Touch['what']) => touches.filter((touch) => touch.what === what).sort((a, b) => a.atMs - b.atMs);
  const bars = (what: Touch['what']) => {
    const list = of(what);
    const offs = list.filter(({ on }) => !on).map(({ atMs }) => atMs);
    return list.filter(({ on }) => on).map(({ atMs }, i) => ({ from: atMs, to: offs[offs.length - 1 - i] ?? end, i }));
  };
  const elements = bars('element');
  const rows = Math.max(1, elements.length) + 1;
  const height = rows * LANE_HEIGHT + 26;
  const ticks = Array.from({ length: 5 }, (_, i) => start + (i * (end - start)) / 4);
  const says = touches.length === 0 ? 'Nothing entered yet.' : heat.sentence;
  return (
    <View role="img" aria-label={`Elements and blower in time. ${says}`}>
      <Svg width={width} height={height} aria-hidden>
        {ticks.map((tick) => (
          <G key={tick}>
            <Line x1={x(tick)} x2={x(tick)} y1={0} y2={height - 24} stroke={palette.line} strokeWidth={1} />
            <SvgText
              x={x(tick)}
              y={height - 6}
              fontSize={DRAWN_TEXT}
              fontFamily={REGULAR}
              fill={palette.softInk}
              textAnchor={tick === end ? 'end' : 'middle'}
            >
              {`${Math.round((tick - start) / 1000)} s`}
            </SvgText>
          </G>
        ))}
        {Array.from({ length: rows }, (_, row) => (
          <SvgText key={row} x={0} y={row * LANE_HEIGHT + 27} fontSize={15} fontFamily={REGULAR} fill={palette.ink}>
            {row === 0 ? 'blower' : rows === 2 ? 'element' : `element ${row}`}
          </SvgText>
        ))}
        {bars('blower').map(({ from, to }) => (
          <Rect key={from} x={x(from)} y={10} width={Math.max(3, x(to) - x(from))} height={24} fill={palette.supply} />
        ))}
        {elements.map(({ from, to, i }) => (
          <Rect
            key={from}
            x={x(from)}
            y={(i + 1) * LANE_HEIGHT + 10}
            width={Math.max(3, x(to) - x(from))}
            height={24}
            fill={palette.action}
          />
        ))}
      </Svg>
    </View>
  );
}
