import { type Assessment, type DecidedPlan } from '@huff/contract';
import { shopEnergy, type ShopDto } from '@huff/contract/fix';
import {
  applyMoves,
  dropAt,
  staticText,
  toolFigure,
  yearlyEnergy,
  type FactKind,
  type PortId,
  type Stretch,
} from '@huff/core';
import { Pressable, View } from 'react-native';
import { Airway, stagesText } from '../../ui/airway';
import { Crossing } from '../../ui/crossing';
import { Icon } from '../../ui/icons';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { moneyText } from '../fix/fixText';
import { ProofTable } from './ProofTable';
import type { ProofOfVisit } from './useProof';

interface ProveStationProps {
  readonly plan?: DecidedPlan;
  readonly proven?: ProofOfVisit;
  readonly shop: ShopDto;
  readonly width: number;
  readonly onPort: (port: PortId) => void;
  readonly onMethod: (method: FactKind) => void;
  /** The Crossing stands in another pane. */
  readonly wide?: boolean;
}

/** Prove: the same readings again, before and after side by side, and how near the prediction was. */
export function ProveStation({ plan, proven, shop, width, onPort, onMethod, wide }: ProveStationProps) {
  const palette = usePalette();
  if (!plan || !proven) {
    return (
      <View style={{ gap: 8 }}>
        <Heading size={17}>Nothing to prove yet</Heading>
        <Txt color="softInk">
          Decide what to do under Fix. Its prediction is kept; after the work the same ports are read again, and this
          page shows whether it worked.
        </Txt>
      </View>
    );
  }
  const { proof, before, after } = proven;
  return (
    <View style={{ gap: 16 }}>
      <View role="status" style={{ borderLeftWidth: 4, borderColor: palette.action, paddingLeft: 12, gap: 4 }}>
        <Heading size={19}>{proof.sentence ?? 'Read the same ports again'}</Heading>
        {plan.record.words.map((words) => (
          <Txt key={words} size={14} color="softInk" figures>
            {words}
          </Txt>
        ))}
      </View>
      <ReadAgain before={before} after={after} onPort={onPort} onMethod={onMethod} />
      {proof.changes.map((change) => (
        <View key={change.port} role="status" style={{ backgroundColor: palette.edge, borderRadius: 6, padding: 12 }}>
          <Txt size={15}>{change.sentence}</Txt>
        </View>
      ))}
      {!wide && <ProofTable proof={proof} />}
      <View style={{ gap: 4 }}>
        <Heading size={16}>Before and after on the air path</Heading>
        <Txt size={14} color="softInk">
          dashed: before
        </Txt>
        <Airway
          layout={after.layout}
          stretches={after.judgement.stretches}
          pressures={after.pressures}
          ghost={before.pressures}
          width={width}
          liftInWc={after.judgement.tespInWc}
          onPort={onPort}
        />
      </View>
      {!wide && (
        <>
          <ProofCrossing plan={plan} proven={proven} />
          <Energy proven={proven} shop={shop} />
          <Resistances plan={plan} proven={proven} />
        </>
      )}
    </View>
  );
}

/** The Crossing as it was predicted, with what was read since. */
export function ProofCrossing({
  plan,
  proven,
  height = 280,
}: {
  readonly plan: DecidedPlan;
  readonly proven: ProofOfVisit;
  readonly height?: number;
}) {
  const { from, moves } = plan.record;
  const applied = applyMoves(from.system, moves);
  return (
    <Crossing
      now={from.system}
      then={applied.ok ? applied.system : undefined}
      target={from.goal.target}
      maxTesp={from.goal.maxTesp}
      proven={proven.proof.proven}
      height={height}
    />
  );
}

interface ReadAgainProps {
  readonly before: Assessment;
  readonly after: Assessment;
  readonly onPort: (port: PortId) => void;
  readonly onMethod: (method: FactKind) => void;
}

/** What was read before, to be read again: a row each, ticked when it is done. */
function ReadAgain({ before, after, onPort, onMethod }: ReadAgainProps) {
  const statics = [...before.counted].map(([port, reading]) => ({
    id: port,
    name: `Static at ${port}`,
    was: staticText(reading.staticInWc),
    is: after.counted.has(port) ? staticText(after.counted.get(port)!.staticInWc) : undefined,
    under: conditionsOf(reading.conditions),
    open: () => onPort(port),
  }));
  const others = [
    ...(before.drop.value === undefined
      ? []
      : [
          {
            id: 'measuredDrop' as const,
            name: 'Temperature drop',
            was: before.drop.value,
            is: after.drop.value,
            unit: 'deltaF' as const,
          },
        ]),
    ...(before.motor?.amps === undefined
      ? []
      : [
          {
            id: 'motorLoad' as const,
            name: 'Motor amps',
            was: before.motor.amps,
            is: after.motor?.amps,
            unit: 'amps' as const,
          },
        ]),
  ].map(({ id, name, was, is, unit }) => ({
    id,
    name,
    was: toolFigure(was, unit),
    is: is === undefined ? undefined : toolFigure(is, unit),
    under: 'steady, as before',
    open: () => onMethod(id),
  }));
  return (
    <View role="group" aria-label="Read again">
      {[...statics, ...others].map(({ id, name, was, is, under, open }) => (
        <ReadRow key={id} name={name} was={was} is={is} under={under} onPress={open} />
      ))}
    </View>
  );
}

const conditionsOf = ({
  door,
  filter,
  coil,
  minutesRunning,
}: {
  door: string;
  filter: string;
  coil: string;
  minutesRunning?: number;
}) =>
  [
    `door ${door}`,
    `filter ${filter}`,
    `coil ${coil}`,
    ...(minutesRunning === undefined ? [] : [`${minutesRunning} min running`]),
  ].join(' · ');

function ReadRow({
  name,
  was,
  is,
  under,
  onPress,
}: {
  readonly name: string;
  readonly was: string;
  readonly is?: string;
  readonly under: string;
  readonly onPress: () => void;
}) {
  const palette = usePalette();
  return (
    <Pressable
      role="button"
      aria-label={`${name}: ${was} before, ${is === undefined ? 'not read again' : `${is} now`}. Read it again`}
      onPress={onPress}
      style={{
        minHeight: 56,
        flexDirection: 'row',
        alignItems: 'center',
        gap: 10,
        borderTopWidth: 1,
        borderColor: palette.line,
        paddingVertical: 6,
      }}
    >
      <View
        style={{
          width: 26,
          height: 26,
          borderRadius: 13,
          borderWidth: 2,
          borderStyle: is === undefined ? 'dashed' : 'solid',
          borderColor: is === undefined ? palette.action : palette.ink,
          alignItems: 'center',
          justifyContent: 'center',
        }}
      >
        {is !== undefined && <Icon name="check" size={17} />}
      </View>
      <View style={{ flex: 1 }}>
        <Txt size={16} bold>
          {name}
        </Txt>
        <Txt size={14} color="softInk" figures>
          {under}
        </Txt>
      </View>
      <Txt size={16} color="softInk" figures>
        {was}
      </Txt>
      <Txt size={18} bold figures align="right" color={is === undefined ? 'action' : 'ink'} style={{ minWidth: 54 }}>
        {is ?? 'read'}
      </Txt>
    </Pressable>
  );
}

/** What the change saves or spends a year. */
export function Energy({ proven, shop }: { readonly proven: ProofOfVisit; readonly shop: ShopDto }) {
  const watts = proven.proof.lines.find((line) => line.id === 'watts');
  const after = watts?.after ?? watts?.promised;
  if (watts?.before === undefined || after === undefined) return null;
  const rules = shopEnergy(shop);
  const { kwh, money } = yearlyEnergy(after - watts.before, rules);
  const saves = kwh < 0;
  const amount = `${toolFigure(Math.abs(kwh), 'count')} kWh`;
  return (
    <View style={{ gap: 2 }}>
      <Heading size={16}>Energy a year</Heading>
      <Txt figures>
        {saves ? 'Saves' : 'Spends'} {amount}
        {money === undefined ? '' : `, ${moneyText(Math.abs(money), shop.currency)}`} at{' '}
        {toolFigure(rules.hoursAYear, 'count')} hours.
      </Txt>
      <Txt size={14} color="softInk">
        Power after is {watts.after === undefined ? 'predicted' : 'measured'}.{' '}
        {money === undefined ? 'The tariff is not known: set it under Shop.' : ''}
      </Txt>
    </View>
  );
}

/** The path measured anew, at the airflow of now: what the unit's model becomes. */
export function Resistances({ plan, proven }: { readonly plan: DecidedPlan; readonly proven: ProofOfVisit }) {
  const palette = usePalette();
  const found = proven.proof.proven;
  if (!found) return null;
  const key = (stretch: Stretch) => stretch.stages.join('+');
  const was = new Map(plan.record.from.system.path.map((stretch) => [key(stretch), stretch]));
  return (
    <View>
      <Heading size={16}>The air path as proven</Heading>
      <Txt size={14} color="softInk" figures>
        What each part takes at {toolFigure(found.flowCfm, 'cfm')} CFM. Kept on the unit for the next visit.
      </Txt>
      {found.system.path.map((stretch) => {
        const old = was.get(key(stretch));
        return (
          <View
            key={key(stretch)}
            style={{ flexDirection: 'row', gap: 10, borderTopWidth: 1, borderColor: palette.line, paddingVertical: 8 }}
          >
            <Txt style={{ flex: 1 }}>{stagesText(stretch.stages)}</Txt>
            <Txt color="softInk" figures>
              {old ? staticText(dropAt(old.resistance, found.flowCfm)) : ''}
            </Txt>
            <Txt bold figures align="right" style={{ minWidth: 48 }}>
              {staticText(dropAt(stretch.resistance, found.flowCfm))}
            </Txt>
          </View>
        );
      })}
    </View>
  );
}
