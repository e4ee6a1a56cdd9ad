import {
  toolFigure,
  traverseDuct,
  traversePlan,
  type FactKind,
  type ToolField,
  type ListField,
  type RawInputs,
  type Tool,
} from '@huff/core';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { Choice } from '../../ui/form';
import { NumberSheet } from '../../ui/keypad';
import { TextButton } from '../../ui/page';
import { FullSheet } from '../../ui/sheet';
import { Txt } from '../../ui/text';
import { TraverseDrawing } from '../../ui/traverse';
import { isReadLive, placeOfList } from '../instruments/liveInputs';
import { LivePoint } from '../instruments/LivePoint';
import { LIST_WORDS, listOf, nextPoint, nextSpot, numberAsked, withFigure, type AskedFigure } from './askedFigure';
import { ListPoints } from './ListPoints';
import { MethodDrawing } from './MethodDrawing';
import { MethodFoot } from './MethodFoot';
import { MethodRow } from './MethodRow';
import { PICTURES } from './pictures';
import { StopWatch } from './StopWatch';
import { useMethod } from './useMethod';

interface MethodOnDrawingProps {
  readonly method: FactKind;
  readonly tool: Tool;
  readonly begin: RawInputs;
  /** Known already and not asked for. */
  readonly given: RawInputs;
  /** What more there is to say of it: the speed that ran. */
  readonly more?: ReactNode;
  readonly keepWords?: string;
  readonly onKeep: (inputs: Record<string, unknown>) => void;
  readonly onClose: () => void;
}

/** A list of no more than these stands there even when it may be left out: the legs of a motor. */
const FEW = 3;
/** Asked for once the rest is there. */
const LATER = new Set(['altitudeFt', 'airF', 'airRhPercent', 'blowerWatts', 'serviceFactor', 'rpmNow', 'rpmThen']);

type Of<K extends ToolField['kind']> = readonly [id: string, field: Extract<ToolField, { kind: K }>];

/** The fields of a kind. */
function fieldsOfKind<K extends ToolField['kind']>(
  entries: readonly (readonly [string, ToolField])[],
  kind: K,
): Of<K>[] {
  const isOf = (field: ToolField): field is Extract<ToolField, { kind: K }> => field.kind === kind;
  return entries.flatMap(([id, field]) => (isOf(field) ? [[id, field] as const] : []));
}

/** A method on a phone: read on its drawing, the rest in lines, the answer on the button. */
export function MethodOnDrawing(props: MethodOnDrawingProps) {
  const { method, tool, begin, given, more, keepWords, onKeep, onClose } = props;
  const { raw, put, outcome, inputs, steadiness } = useMethod(tool, begin, given);
  const [asked, setAsked] = useState<AskedFigure>();
  const [clocking, setClocking] = useState(false);
  const [all, setAll] = useState(false);
  const [sent, setSent] = useState(false);
  const picture = PICTURES[method];
  const spots = picture?.spots.map(({ field }) => field) ?? [];
  const hidden = new Set([...(tool.hides?.(raw) ?? []), ...Object.keys(given)]);
  const entries = Object.entries(tool.fields).filter(([id]) => !hidden.has(id));
  const ask = (id: string) => (id === 'seconds' && method === 'gasHeat' ? setClocking(true) : setAsked({ id }));
  const duct = method === 'traverse' ? traverseDuct(raw) : undefined;
  const plan = duct && traversePlan(duct, raw.plan === 'sweep' ? 'sweep' : 'points');
  const keep = (value: number | null) => {
    if (!asked) return;
    const { id, index } = asked;
    if (index === undefined) {
      put(id, value, new Date());
      return setAsked(nextSpot(spots, id, raw));
    }
    const list = withFigure(listOf(raw, id), index, value);
    put(id, list, new Date());
    const { most } = tool.fields[id] as ListField;
    setAsked(value === null ? undefined : nextPoint(asked, list, most, id === 'readings' ? plan?.points : undefined));
  };
  const numbers = fieldsOfKind(entries, 'number').filter(([id]) => !spots.includes(id));
  const later = numbers.filter(([id]) => LATER.has(id));
  const lists = fieldsOfKind(entries, 'list').filter(
    ([id, field]) =>
      !field.optional || all || field.most <= FEW || listOf(raw, id).length > 0 || isReadLive(method, id),
  );
  const rows = (of: readonly Of<'number'>[]) => (
    <View>
      {of.map(([id, field]) => (
        <MethodRow
          key={id}
          field={field}
          value={raw[id]}
          error={sent && !outcome.ok ? outcome.errors.find((error) => error.field === id)?.message : undefined}
          onAsk={() => ask(id)}
        />
      ))}
    </View>
  );
  /** The next point of a list, read by its probe; nothing once all are read. */
  const livePoint = (id: string, field: ListField) => {
    const list = listOf(raw, id);
    const place = placeOfList(method, id);
    const planned = id === 'readings' ? plan?.points : listOf(raw, 'values').length;
    // A pitot tube reads velocity pressure: a hot wire's feet a minute are none of its points.
    if (!place || list.length >= Math.min(field.most, planned ?? 0) || raw.instrument === 'pitot') return null;
    return (
      <LivePoint
        key={list.length}
        place={place}
        word={`${(LIST_WORDS[id] ?? 'Reading').toLowerCase()} ${list.length + 1}`}
        isSweep={raw.plan === 'sweep'}
        onPoint={(value) => put(id, withFigure(list, list.length, value), new Date())}
      />
    );
  };
  const send = () => {
    setSent(true);
    if (outcome.ok) onKeep(inputs);
  };
  return (
    <FullSheet
      open
      title={tool.name}
      under={tool.says}
      onClose={onClose}
      foot={<MethodFoot outcome={outcome} keepWords={keepWords} onSend={send} />}
    >
      {duct && plan ? (
        <TraverseDrawing duct={duct} plan={plan} done={listOf(raw, 'readings').length} />
      ) : (
        picture && <MethodDrawing tool={tool} picture={picture} raw={raw} steadiness={steadiness} onSpot={ask} />
      )}
      {tool.care && (
        <Txt size={14} color="softInk">
          {tool.care}
        </Txt>
      )}
      {fieldsOfKind(entries, 'choice').map(([id, { label, options }]) => (
        <View key={id} style={{ gap: 4 }}>
          <Txt size={14} color="softInk">
            {label}
          </Txt>
          <Choice
            label={label}
            options={options}
            chosen={typeof raw[id] === 'string' ? raw[id] : options[0]!.id}
            onChoose={(value) => put(id, value, new Date())}
          />
        </View>
      ))}
      {rows(numbers.filter(([id]) => !LATER.has(id)))}
      {lists.map(([id, field]) => (
        <View key={id} style={{ gap: 10 }}>
          <ListPoints
            field={field}
            values={listOf(raw, id)}
            planned={id === 'readings' ? plan?.points : undefined}
            word={LIST_WORDS[id] ?? 'Reading'}
            onPoint={(index) => setAsked({ id, index })}
          />
          {livePoint(id, field)}
        </View>
      ))}
      {more}
      {later.length > 0 &&
        (all ? rows(later) : <TextButton onPress={() => setAll(true)}>Show air and assumptions</TextButton>)}
      {outcome.ok && (
        <Txt size={14} color="softInk">
          {outcome.formula}
        </Txt>
      )}
      <NumberSheet
        asked={asked && numberAsked(tool, asked, raw)}
        keepWords={asked?.index === undefined ? undefined : 'Save, next'}
        sideWords={asked?.index === undefined ? 'not known' : 'take out'}
        onKeep={keep}
        onClose={() => setAsked(undefined)}
      />
      <MeterWatch
        open={clocking}
        dialCuFt={raw.cuFt}
        onSeconds={(seconds) => {
          setClocking(false);
          if (seconds === undefined) setAsked({ id: 'seconds' });
          else put('seconds', seconds, new Date());
        }}
        onClose={() => setClocking(false)}
      />
    </FullSheet>
  );
}

interface MeterWatchProps {
  readonly open: boolean;
  readonly dialCuFt: unknown;
  /** @param seconds clocked; undefined: they are to be typed */
  readonly onSeconds: (seconds: number | undefined) => void;
  readonly onClose: () => void;
}

/** The gas meter clocked by the watch. */
function MeterWatch({ open, dialCuFt, onSeconds, onClose }: MeterWatchProps) {
  const dial = typeof dialCuFt === 'number' ? toolFigure(dialCuFt, 'cuFt') : 'one';
  return (
    <StopWatch
      open={open}
      says={`Use the ${dial} cu ft dial, all other gas off. Time one full turn or more; longer is more accurate.`}
      onStop={onSeconds}
      onType={() => onSeconds(undefined)}
      onClose={onClose}
    />
  );
}
