import {
  ended,
  sentenceCase,
  toolFigure,
  toolText,
  traverseDuct,
  traversePlan,
  type FactKind,
  type ListField,
  type NumberField,
  type RawInputs,
  type Tool,
} from '@huff/core';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { Choice } from '../../ui/form';
import { NumberSheet, type AskedNumber } from '../../ui/keypad';
import { ListRow } from '../../ui/list';
import { ActionButton, TextButton } from '../../ui/page';
import { FullSheet } from '../../ui/sheet';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { TraverseDrawing } from '../../ui/traverse';
import { ListPoints } from './ListPoints';
import { MethodDrawing } from './MethodDrawing';
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

interface AskedField {
  readonly id: string;
  /** Of a list: which of them. */
  readonly index?: number;
}

const WORDS: Readonly<Record<string, string>> = { readings: 'Point', values: 'Outlet', temperaturesF: 'Outlet' };
/** A list of no more than these stands there even when it may be left out: the legs of a motor. */
const FEW = 3;
/** Asked for once the rest is there. */
const LATER = new Set(['altitudeFt', 'airF', 'airRhPercent', 'blowerWatts', 'serviceFactor', 'rpmNow', 'rpmThen']);

/** A method on a phone: read on its drawing, the rest in lines, the answer on the button. */
export function MethodOnDrawing(props: MethodOnDrawingProps) {
  const { method, tool, begin, given, more, keepWords, onKeep, onClose } = props;
  const palette = usePalette();
  const { raw, put, outcome, inputs, steadiness } = useMethod(tool, begin, given);
  const [asked, setAsked] = useState<AskedField>();
  const [clocking, setClocking] = useState(false);
  const [all, setAll] = useState(false);
  const [sent, setSent] = useState(false);
  const picture = PICTURES[method];
  const hidden = new Set([...(tool.hides?.(raw) ?? []), ...Object.keys(given)]);
  const drawn = new Set(picture?.spots.map(({ field }) => field));
  const entries = Object.entries(tool.fields).filter(([id]) => !hidden.has(id));
  const listOf = (id: string) => (Array.isArray(raw[id]) ? (raw[id] as number[]) : []);
  const ask = (id: string) => (id === 'seconds' && method === 'gasHeat' ? setClocking(true) : setAsked({ id }));
  const errors = outcome.ok ? [] : outcome.errors;
  const errorOf = (id: string) => errors.find((error) => error.field === id)?.message;
  const duct = method === 'traverse' ? traverseDuct(raw) : undefined;
  const plan = duct && traversePlan(duct, raw.plan === 'sweep' ? 'sweep' : 'points');
  const keep = (value: number | null) => {
    if (!asked) return;
    const now = new Date();
    if (asked.index === undefined) {
      put(asked.id, value, now);
      return setAsked(nextAsked(asked.id));
    }
    const list = [...listOf(asked.id)];
    if (value === null) list.splice(asked.index, 1);
    else list[asked.index] = value;
    put(asked.id, list, now);
    // Point by point: the next one stands ready until all are read.
    const planned = asked.id === 'readings' ? plan?.points : undefined;
    const most = (tool.fields[asked.id] as ListField).most;
    const next = asked.index + 1;
    const goOn = value !== null && next === list.length && next < Math.min(most, planned ?? most);
    setAsked(goOn && (planned !== undefined || next < 60) ? { id: asked.id, index: next } : undefined);
  };
  /** Of the spots on the drawing: the next that is not read. */
  const nextAsked = (after: string): AskedField | undefined => {
    const spots = picture?.spots.map(({ field }) => field) ?? [];
    const at = spots.indexOf(after);
    const next = at < 0 ? undefined : spots.slice(at + 1).find((id) => typeof raw[id] !== 'number');
    return next === undefined ? undefined : { id: next };
  };
  const askedNumber = asked && numberOf(tool, asked, raw);
  const choices = entries.filter(([, field]) => field.kind === 'choice');
  const lists = entries.filter(([, field]) => field.kind === 'list');
  const numbers = entries.filter(([id, field]) => field.kind === 'number' && !drawn.has(id));
  const first = numbers.filter(([id]) => !LATER.has(id));
  const later = numbers.filter(([id]) => LATER.has(id));
  const row = ([id, field]: [string, (typeof entries)[number][1]]) => {
    if (field.kind !== 'number') return null;
    const value = raw[id];
    const known = typeof value === 'number';
    const says = known
      ? toolText(value, field.unit)
      : field.assumed !== undefined
        ? `${toolText(field.assumed, field.unit)} assumed`
        : field.optional
          ? 'if known'
          : 'not read';
    return (
      <View key={id}>
        <ListRow
          name={field.label}
          says={says}
          figure={known}
          label={`${ended(`${field.label}: ${says}`)} Type it`}
          onPress={() => ask(id)}
        />
        {sent && errorOf(id) && (
          <Txt size={14} role="alert">
            {errorOf(id)}
          </Txt>
        )}
      </View>
    );
  };
  const send = () => {
    setSent(true);
    if (outcome.ok) onKeep(inputs);
  };
  const foot = (
    <View style={{ padding: 16, paddingTop: 10, gap: 8, borderTopWidth: 1.5, borderColor: palette.ink }}>
      <Txt size={15} role="status" figures>
        {outcome.ok
          ? [
              ...outcome.lines
                .slice(0, 2)
                .map((line) => sentenceCase(`${line.label} ${toolText(line.value, line.unit)}`)),
              ...outcome.notes.slice(0, 1),
            ].join('. ')
          : errors.length === 1
            ? errors[0]!.message
            : `${errors.length} figures are still to be read.`}
      </Txt>
      <ActionButton
        onPress={send}
        quiet={!outcome.ok}
        aside={outcome.ok && outcome.flow ? `± ${Math.round(100 * outcome.flow.sigmaShare)} %` : undefined}
      >
        {outcome.ok && !keepWords
          ? `Keep ${toolText(outcome.headline.value, outcome.headline.unit)}`
          : (keepWords ?? 'Keep this airflow')}
      </ActionButton>
    </View>
  );
  return (
    <FullSheet open title={tool.name} under={tool.says} onClose={onClose} foot={foot}>
      {duct && plan ? (
        <TraverseDrawing duct={duct} plan={plan} done={listOf('readings').length} />
      ) : (
        picture && <MethodDrawing tool={tool} picture={picture} raw={raw} steadiness={steadiness} onSpot={ask} />
      )}
      {tool.care && (
        <Txt size={14} color="softInk">
          {tool.care}
        </Txt>
      )}
      {choices.map(
        ([id, field]) =>
          field.kind === 'choice' && (
            <View key={id} style={{ gap: 4 }}>
              <Txt size={14} color="softInk">
                {field.label}
              </Txt>
              <Choice
                label={field.label}
                options={field.options}
                chosen={typeof raw[id] === 'string' ? raw[id] : field.options[0]!.id}
                onChoose={(value) => put(id, value, new Date())}
              />
            </View>
          ),
      )}
      <View>{first.map(row)}</View>
      {lists.map(
        ([id, field]) =>
          field.kind === 'list' &&
          (!field.optional || all || field.most <= FEW || listOf(id).length > 0) && (
            <ListPoints
              key={id}
              field={field}
              values={listOf(id)}
              planned={id === 'readings' ? plan?.points : undefined}
              word={WORDS[id] ?? 'Reading'}
              onPoint={(index) => setAsked({ id, index })}
            />
          ),
      )}
      {more}
      {later.length > 0 &&
        (all ? (
          <View>{later.map(row)}</View>
        ) : (
          <TextButton onPress={() => setAll(true)}>More: the air, and what is usually taken</TextButton>
        ))}
      {outcome.ok && (
        <Txt size={14} color="softInk">
          {outcome.formula}
        </Txt>
      )}
      <NumberSheet
        asked={askedNumber}
        keepWords={asked?.index === undefined ? undefined : 'Keep, next'}
        sideWords={asked?.index === undefined ? 'not known' : 'take out'}
        onKeep={keep}
        onClose={() => setAsked(undefined)}
      />
      <StopWatch
        open={clocking}
        says={`The dial of ${typeof raw.cuFt === 'number' ? toolFigure(raw.cuFt, 'cuFt') : 'one'} cu ft, all other gas off. One full turn or more: the longer, the surer.`}
        onStop={(seconds) => {
          put('seconds', seconds, new Date());
          setClocking(false);
        }}
        onType={() => {
          setClocking(false);
          setAsked({ id: 'seconds' });
        }}
        onClose={() => setClocking(false)}
      />
    </FullSheet>
  );
}

function numberOf(tool: Tool, { id, index }: AskedField, raw: RawInputs): AskedNumber {
  const field = tool.fields[id] as NumberField | ListField;
  const { unit, min, max, hint } = field;
  if (index === undefined) {
    const value = raw[id];
    return {
      label: field.label,
      unit,
      min,
      max,
      hint,
      above: field.kind === 'number' ? field.above : undefined,
      value: typeof value === 'number' ? value : null,
    };
  }
  const list = Array.isArray(raw[id]) ? (raw[id] as number[]) : [];
  return { label: `${WORDS[id] ?? 'Reading'} ${index + 1}`, unit, min, max, hint, value: list[index] ?? null };
}
