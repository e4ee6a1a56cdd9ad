import { knownInputsFor, type FormId, type VisitDto } from '@huff/contract';
import { blowerHeatWatts, standingFacts, toolOf, unreplaced, type FactKind, type RawInputs } from '@huff/core';
import { checksOf, standingChecks } from '@huff/core/call';
import { useState } from 'react';
import { View } from 'react-native';
import { Choice } from '../../ui/form';
import { ActionButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Txt } from '../../ui/text';
import { useIsWide } from '../../ui/theme';
import { ToolAnswerView } from '../tool/ToolAnswerView';
import { liveInputs, withMethodTraces } from '../instruments/liveInputs';
import { MethodOnDrawing } from '../methods/MethodOnDrawing';
import { ToolForm } from '../tool/ToolForm';
import { useToolForm } from '../tool/useToolForm';
import { withFact } from '../visitState/newFact';
import type { Assessment } from '../visitState/useAssessment';

interface MethodSheetProps {
  readonly visit: VisitDto;
  readonly assessment: Assessment;
  /** A method of airflow, or the temperature drop. */
  readonly method?: FactKind;
  readonly onVisit: (visit: VisitDto) => void;
  readonly onClose: () => void;
}

/** What the visit knows already and the method need not ask. */
function givenBy(visit: VisitDto, { judgement, flow }: Assessment, method: FactKind): RawInputs {
  const altitudeFt = visit.setup?.altitudeFt ?? undefined;
  const given: Record<string, unknown> = { altitudeFt, tons: visit.tons ?? undefined };
  if (method === 'requestedFlow') given.tespInWc = judgement.tespInWc;
  if (method === 'measuredDrop') given.flowCfm = flow?.flowCfm;
  const fields = toolOf(method)?.fields ?? {};
  return Object.fromEntries(Object.entries(given).filter(([id, value]) => id in fields && value !== undefined));
}

const KNOWN_FORMS: ReadonlySet<string> = new Set<FormId>([
  'measuredDrop',
  'coolingDrop',
  'electricHeat',
  'gasHeat',
  'traverse',
  'motorLoad',
]);

/** Figures of a method that were typed elsewhere in the visit. */
const takenOver = (visit: VisitDto, method: FactKind): RawInputs =>
  KNOWN_FORMS.has(method) ? knownInputsFor(visit, method as FormId) : {};

/** What was seen last of a thing. */
const standingLook = ({ facts = [] }: VisitDto, item: string): unknown =>
  unreplaced(facts).findLast(({ kind, inputs }) => kind === 'look' && inputs.item === item)?.inputs.state;

/** Amps of all the heat, where each circuit was clamped. */
function heaterAmps({ facts = [] }: VisitDto): RawInputs {
  const last = standingChecks(checksOf(facts));
  const amps = ['kitAmps1', 'kitAmps2', 'kitAmps3'].flatMap((point) => last.get(point)?.value ?? []);
  return amps.length > 0 ? { amps: amps.reduce((sum, one) => sum + one, 0) } : {};
}

/** What a method begins with: what was typed in it before, else what is known from elsewhere. */
function beginWith(visit: VisitDto, method: FactKind): RawInputs {
  const standing = standingFacts(visit.facts ?? []);
  const own = standing.get(method)?.inputs;
  if (own) return own;
  // The blower stands before the probe: its own heat is in the rise, and can be changed here.
  const blower =
    method === 'electricHeat' && visit.layout !== 'makeUpAir'
      ? { blowerWatts: blowerHeatWatts({ motor: visit.motor, tons: visit.tons ?? undefined }) }
      : {};
  const isDehumidifying = standingLook(visit, 'dehumidify') === 'on';
  return {
    ...(visit.setup?.lineVolts ? { volts: visit.setup.lineVolts } : {}),
    ...blower,
    ...(method === 'requestedFlow' && isDehumidifying ? { dehumidify: 'noSensor' } : {}),
    ...(method === 'electricHeat' ? heaterAmps(visit) : {}),
    ...takenOver(visit, method),
  };
}

const KEEP_TEXT: Partial<Record<FactKind, string>> = {
  measuredDrop: 'Save temperatures',
  motorLoad: 'Save amps',
};

/**
 * A method's guided page: on a phone on its drawing, at the desk as a plain form; what to mind, the answer at each entry, and keeping it.
 */
export function MethodSheet(props: MethodSheetProps) {
  const wide = useIsWide();
  const tool = props.method && toolOf(props.method);
  if (!tool || !props.method) return null;
  if (!wide) return <OnPhone key={tool.id} {...props} method={props.method} />;
  return (
    <Sheet open onClose={props.onClose} title={tool.name}>
      <AtDesk key={tool.id} {...props} method={props.method} />
    </Sheet>
  );
}

type OpenMethod = MethodSheetProps & { readonly method: FactKind };

/** Heat runs on a speed of its own: what was measured on it says nothing of cooling but through the table's ratio of the two. */
function useSpeedThatRan({ visit, method }: OpenMethod) {
  const heat = (method === 'electricHeat' || method === 'gasHeat') && visit.mode === 'cooling';
  const heatTap = visit.setup?.speeds?.heatTap;
  const [ran, setRan] = useState(heat && typeof heatTap === 'string' && heatTap !== '' ? heatTap : visit.tap);
  const choice = heat && visit.table && (
    <View style={{ gap: 6 }}>
      <Txt size={14} color="softInk">
        Speed during heat
      </Txt>
      <Choice
        label="Speed during heat"
        options={visit.table.taps.map(({ tap }) => ({ id: tap, text: tap }))}
        chosen={ran}
        onChoose={setRan}
      />
    </View>
  );
  return { ran, choice };
}

function OnPhone(props: OpenMethod) {
  const { visit, assessment, method, onVisit, onClose } = props;
  const { ran, choice } = useSpeedThatRan(props);
  const [begin] = useState(() => ({ ...beginWith(visit, method), ...liveInputs(visit, method) }));
  return (
    <MethodOnDrawing
      method={method}
      tool={toolOf(method)!}
      begin={begin}
      given={givenBy(visit, assessment, method)}
      more={choice}
      keepWords={KEEP_TEXT[method]}
      onKeep={(inputs) => {
        const now = new Date();
        onVisit(withMethodTraces(withFact(visit, method, inputs, now, ran), method, inputs, now));
        onClose();
      }}
      onClose={onClose}
    />
  );
}

function AtDesk(props: OpenMethod) {
  const { visit, assessment, method, onVisit, onClose } = props;
  const tool = toolOf(method)!;
  const given = givenBy(visit, assessment, method);
  const [begin] = useState(() => ({ ...beginWith(visit, method), ...liveInputs(visit, method) }));
  const form = useToolForm(tool, begin, given);
  const { ran, choice } = useSpeedThatRan(props);
  const keep = () => {
    form.send();
    if (!form.outcome.ok) return;
    const now = new Date();
    onVisit(withMethodTraces(withFact(visit, method, form.inputs, now, ran), method, form.inputs, now));
    onClose();
  };
  return (
    <View style={{ gap: 12 }}>
      <Txt size={15}>{tool.says}</Txt>
      {tool.care && (
        <Txt size={14} color="softInk">
          {tool.care}
        </Txt>
      )}
      <ToolForm
        tool={tool}
        control={form.control}
        errors={form.errors}
        shown={form.shown}
        onLeave={form.onLeave}
        known={Object.keys(given)}
      />
      {choice}
      {form.general && <Txt role="alert">{form.general}</Txt>}
      <ToolAnswerView outcome={form.outcome} />
      <ActionButton onPress={keep}>{KEEP_TEXT[method] ?? 'Save airflow'}</ActionButton>
    </View>
  );
}
