import { inputFaults, shownText, toolText, type ToolField } from '@huff/core';
import {
  BURNS,
  checkPoint,
  checksOf,
  laddersOf,
  LADDER_FORM,
  THAW_MINUTES,
  type Circuit,
  type GateLine,
} from '@huff/core/call';
import { format } from 'date-fns/format';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Choice } from '../../ui/form';
import { NumberSheet } from '../../ui/keypad';
import { TemperatureLadder } from '../../ui/ladder';
import { VerdictMark } from '../../ui/marks';
import { ActionButton, TextButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Heading, Txt } from '../../ui/text';
import { useIsWide, usePalette } from '../../ui/theme';
import { units } from '../../data/records';
import { ToolForm } from '../tool/ToolForm';
import { useFieldForm } from '../tool/useFieldForm';
import { withFact } from '../visitState/newFact';
import type { StationId, StationPlaceProps } from '../visitState/station';
import { CallFoot } from './CallFoot';
import { Cautions } from './Cautions';
import { withCheck } from './PointSheet';
import { askedField, drawnGaps, drawnMarks, fieldOfMark } from './ladderMarks';
import { useCall } from './useCall';

const BEGIN = { refrigerant: 'R-410A', metering: 'valve', highPort: 'liquid' } as const;

/** What the unit's plate says of its circuits, by the ladder's fields. */
const PLATE_FIELDS = [
  ['refrigerant', 'refrigerant'],
  ['metering', 'metering'],
  ['subcoolingF', 'plateSubcoolingF'],
  ['superheatF', 'plateSuperheatF'],
  ['chartOutdoorF', 'chartOutdoorF'],
  ['chartAskedF', 'chartAskedF'],
] as const;

/** What stands on the unit's plate, and the way to keep there what was typed here. */
function usePlate(unitId: string | null | undefined) {
  const kept = units.useList().records.find(({ record }) => record.id === unitId);
  const plate: Record<string, unknown> = kept?.record.plate ?? {};
  const known = Object.fromEntries(
    PLATE_FIELDS.flatMap(([from, to]) => {
      const field: ToolField = LADDER_FORM.fields[to];
      const fits = field.kind !== 'choice' || field.options.some(({ id }) => id === plate[from]);
      return fits && plate[from] !== undefined && plate[from] !== null ? [[to, plate[from]]] : [];
    }),
  );
  /** Absent where there is no unit, or nothing that its plate does not say already. */
  const keepOf = (own: Record<string, unknown>) => {
    const learnt = PLATE_FIELDS.filter(
      ([from, to]) => own[to] !== undefined && JSON.stringify(own[to]) !== JSON.stringify(plate[from]),
    );
    if (!kept || learnt.length === 0) return undefined;
    const fields = Object.fromEntries(learnt.map(([from, to]) => [from, own[to]]));
    return () =>
      units.change(
        kept,
        { ...kept.record, plate: { ...kept.record.plate, ...fields } },
        `${kept.record.name}: what its circuit asks is kept.`,
      );
  };
  return { begin: { ...BEGIN, ...known }, keepOf };
}

/** Under this outdoors the fan's control matters, °F. */
const COLD_F = 65;

/** The station Refrigerant: a gate, then one circuit at a time on a ladder of temperatures. */
export function RefrigerantPlace({ whole, assessment, acts, frame, width }: StationPlaceProps) {
  const call = useCall(whole, assessment);
  const [chosen, setChosen] = useState('1');
  const [asked, setAsked] = useState<string>();
  const [more, setMore] = useState(false);
  const wide = useIsWide();
  const { begin, keepOf } = usePlate(whole.unitId);
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
    const station = GATE_STATION[id];
    if (station) acts.goTo(station);
    else setAsked(GATE_FIELD[id]);
  };
  const thawAt = checksOf(whole.facts ?? []).findLast(({ point }) => point === 'thaw')?.takenAt;
  const over = ladder?.gaps.get('condensingOver');
  const field = asked === undefined ? undefined : askedField(asked, own[asked]);
  const shut = (circuit ?? call.circuits[0])!.gate.filter(({ isOpen }) => !isOpen);
  return frame({
    main: (
      <View style={{ gap: 14 }}>
        <Cautions
          unread={call.unread(['refrigerant'])}
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
        {(ladder?.notes ?? []).map(({ word, sentence }) => (
          <View key={sentence} style={{ flexDirection: 'row', gap: 8, alignItems: 'center' }}>
            <VerdictMark word={word} size={16} />
            <Txt size={15} style={{ flex: 1 }}>
              {sentence}
            </Txt>
          </View>
        ))}
        {(call.checks.has('outdoorFan') || (ladder?.marks.get('outdoor')?.tempF ?? COLD_F) < COLD_F) && (
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
        {(circuit?.cold ?? []).map((sentence) => (
          <Txt key={sentence} role="alert" size={15}>
            {sentence}
          </Txt>
        ))}
        {!wide && circuit?.patterns && <PatternList circuit={circuit} />}
        <NumberSheet
          asked={field}
          onKeep={(value) => {
            if (asked !== undefined) keep({ [asked]: value });
            setAsked(undefined);
          }}
          onClose={() => setAsked(undefined)}
        />
        <MoreSheet open={more} own={own} onKeep={keep} onClose={() => setMore(false)} />
      </View>
    ),
    side: circuit?.patterns ? <PatternList circuit={circuit} /> : null,
    foot: (
      <Foot
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

/** The gate: what is shut leads to where it is opened. */
function Gate({
  lines,
  onLine,
}: {
  readonly lines: readonly GateLine[];
  readonly onLine: (id: GateLine['id']) => void;
}) {
  const palette = usePalette();
  const isOpen = lines.every((line) => line.isOpen);
  return (
    <View
      style={{
        borderWidth: 1.2,
        borderColor: palette.line,
        borderRadius: 6,
        backgroundColor: palette.sheet,
        paddingHorizontal: 12,
        paddingTop: 8,
      }}
    >
      <Heading size={17}>{isOpen ? 'Gate open' : 'Not yet'}</Heading>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 16 }}>
        {lines.map(({ id, name, isOpen: open, why }) => (
          <Pressable
            key={id}
            role="button"
            aria-label={why ?? `${name}: good`}
            onPress={() => onLine(id)}
            style={{ flexDirection: 'row', gap: 6, alignItems: 'center', minHeight: 44 }}
          >
            <VerdictMark word={open ? 'inside' : 'outside'} size={16} />
            <Txt size={15} bold={!open} color={open ? 'ink' : 'action'}>
              {name}
            </Txt>
          </Pressable>
        ))}
      </View>
    </View>
  );
}

/** Where each line of the gate is opened; minutes and return air are typed here. */
const GATE_STATION: Readonly<Partial<Record<GateLine['id'], StationId>>> = {
  air: 'airflow',
  filter: 'pressure',
  doors: 'pressure',
  ice: 'look',
};
const GATE_FIELD: Readonly<Partial<Record<GateLine['id'], string>>> = { minutes: 'minutesRunning', return: 'returnF' };

const option = (field: 'refrigerant' | 'metering' | 'highPort', id: unknown): string =>
  LADDER_FORM.fields[field].options.find((one) => one.id === id)?.text ?? '';

/** What was said of the circuit, and the gauges in a line. */
function Said({
  own,
  onMore,
  onKeep,
}: {
  readonly own: Record<string, unknown>;
  readonly onMore: () => void;
  /** Keeps refrigerant, metering, plate figures and chart on the unit; absent when they are there. */
  readonly onKeep?: () => void;
}) {
  const refrigerant = option('refrigerant', own.refrigerant);
  const gauges = [
    typeof own.highPsig === 'number'
      ? `${toolText(own.highPsig, 'psig')} at the ${option('highPort', own.highPort)}`
      : undefined,
    typeof own.suctionPsig === 'number' ? `${toolText(own.suctionPsig, 'psig')} suction` : undefined,
  ].filter((one) => one !== undefined);
  return (
    <View>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
        <Txt style={{ flex: 1 }} bold>
          {`${refrigerant} · ${option('metering', own.metering)}`}
        </Txt>
        <TextButton onPress={onMore}>Plate, chart, more</TextButton>
      </View>
      {onKeep && <TextButton onPress={onKeep}>Keep refrigerant, plate and chart on the unit</TextButton>}
      {gauges.length > 0 && (
        <Txt size={14} color="softInk">
          {gauges.join(' · ')}
        </Txt>
      )}
      {BURNS.has(refrigerant as never) && (
        <Txt size={14} color="softInk">
          It burns, if mildly: no flame, air the space.
        </Txt>
      )}
    </View>
  );
}

/** All fields of the ladder in a form: plate, chart, drier, distributor, amps, charge weighed. */
function MoreSheet({
  open,
  own,
  onKeep,
  onClose,
}: {
  readonly open: boolean;
  readonly own: Record<string, unknown>;
  readonly onKeep: (changed: Record<string, unknown>) => void;
  readonly onClose: () => void;
}) {
  return (
    <Sheet open={open} onClose={onClose} title="Plate, chart and more">
      <MoreForm own={own} onKeep={onKeep} onClose={onClose} />
    </Sheet>
  );
}

function MoreForm({ own, onKeep, onClose }: Omit<Parameters<typeof MoreSheet>[0], 'open'>) {
  const form = useFieldForm(LADDER_FORM, own, (raw) => inputFaults(LADDER_FORM, raw));
  const keep = () => {
    form.send();
    if (form.errors.length > 0) return;
    onKeep(form.inputs);
    onClose();
  };
  const { control, errors, shown, onLeave } = form;
  return (
    <View style={{ gap: 14 }}>
      <ToolForm
        tool={LADDER_FORM}
        control={control}
        errors={errors}
        shown={shown}
        onLeave={onLeave}
        known={['circuit']}
      />
      <ActionButton onPress={keep}>Keep it</ActionButton>
    </View>
  );
}

function PatternList({ circuit }: { readonly circuit: Circuit }) {
  const palette = usePalette();
  const { ranked, settle } = circuit.patterns!;
  return (
    <View style={{ gap: 8 }}>
      <Heading size={17}>What explains it</Heading>
      {ranked
        .filter(({ share }, i) => i < 4 && share >= 0.03)
        .map(({ pattern, share, evidence }) => (
          <View key={pattern.id} style={{ gap: 3 }}>
            <View style={{ flexDirection: 'row', justifyContent: 'space-between', gap: 8 }}>
              <Txt size={15} bold style={{ flex: 1 }}>
                {pattern.name}
              </Txt>
              <Txt bold figures>{`${Math.round(100 * share)} %`}</Txt>
            </View>
            <View style={{ height: 7, backgroundColor: palette.trough }}>
              <View style={{ height: 7, width: `${Math.round(100 * share)}%`, backgroundColor: palette.ink }} />
            </View>
            {(['for', 'against'] as const).map((speaks) => {
              const list = evidence.filter((one) => one.speaks === speaks);
              return list.length === 0 ? null : (
                <Txt key={speaks} size={14} color="softInk">
                  {`${speaks === 'for' ? 'For' : 'Against'}: ${list.map(({ name, readF, expectsF }) => `${name} ${Math.round(readF)} (expects ${Math.round(expectsF)})`).join(', ')}`}
                </Txt>
              );
            })}
          </View>
        ))}
      {settle !== undefined && <Txt size={15}>{`What parts the two likeliest: ${settle}.`}</Txt>}
    </View>
  );
}

const GATE_WORDS: Readonly<Record<GateLine['id'], string>> = {
  air: 'To the airflow',
  filter: 'Read a static with the filter in',
  doors: 'Read a static with the doors on',
  ice: 'Look for ice',
  minutes: 'Type the minutes since start',
  return: 'Type the return air',
};

function Foot({
  circuit,
  shut,
  onAsk,
  onLine,
  thawAt,
  onThaw,
}: {
  readonly thawAt?: string;
  readonly onThaw: () => void;
  readonly circuit?: Circuit;
  readonly shut: readonly GateLine[];
  readonly onAsk: (field: string) => void;
  readonly onLine: (id: GateLine['id']) => void;
}) {
  const first = circuit?.patterns?.ranked[0];
  const missing = drawnMarks(circuit?.ladder).find(({ tempF }) => tempF === undefined);
  // Ice goes before everything: nothing read through it is true.
  const line = shut.find(({ why }) => why?.startsWith('Ice')) ?? shut[0];
  if (line)
    return (
      <CallFoot>
        <Txt size={15} role="status">{`Not yet. ${line.why}`}</Txt>
        {line.id === 'ice' && line.why?.startsWith('Ice') ? (
          <Thaw begunAt={thawAt} onBegin={onThaw} />
        ) : (
          <ActionButton onPress={() => onLine(line.id)}>{GATE_WORDS[line.id]}</ActionButton>
        )}
      </CallFoot>
    );
  return (
    <CallFoot>
      <Txt size={15} role="status">
        {first
          ? `${first.pattern.name} ${Math.round(100 * first.share)} %, by ${circuit.patterns.read} gap${circuit.patterns.read === 1 ? '' : 's'}. ${first.pattern.toDo}.`
          : circuit?.tooColdToJudge
            ? 'Condensing under 80 °F no pattern holds: hold the outdoor air back until it is near 100 °F, or weigh the charge.'
            : 'Gate open. Touch a mark on the ladder to type it.'}
      </Txt>
      {missing && (
        <ActionButton
          onPress={() => onAsk(fieldOfMark(missing.id)!)}
          aside="certified only"
        >{`Next: ${missing.name}`}</ActionButton>
      )}
    </CallFoot>
  );
}

/** A thaw that is timed: from the touch, which is kept. */
function Thaw({ begunAt, onBegin }: { readonly begunAt?: string; readonly onBegin: () => void }) {
  const until = begunAt === undefined ? NaN : Date.parse(begunAt) + THAW_MINUTES * 60_000;
  if (Number.isNaN(until))
    return <ActionButton onPress={onBegin}>{`Fan only: look again in ${THAW_MINUTES} min`}</ActionButton>;
  return <Txt bold>{`Fan only since ${format(begunAt!, 'HH:mm')}: look again at ${format(until, 'HH:mm')}.`}</Txt>;
}
