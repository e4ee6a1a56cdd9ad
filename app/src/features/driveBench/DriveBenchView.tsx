import type { ShopDto } from '@huff/contract/fix';
import {
  driveInputs,
  flowText,
  ruleText,
  staticText,
  tapRpm,
  turnsOpenText,
  turnsText,
  type BeltDrive,
  type ChosenMove,
  type VerdictWord,
} from '@huff/core';
import type { DriveRank, DriveSolution, PlanRequest } from '@huff/core/fix';
import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { DriveDrawing } from '../../ui/driveDrawing';
import { VERDICT_TEXT, VerdictMark } from '../../ui/marks';
import { ActionButton } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import type { Frame } from '../check/frame';
import { minutesText, moneyText } from '../fix/fixText';
import { useDriveBench, type DriveBench } from './useDriveBench';

interface DriveBenchViewProps {
  readonly request: PlanRequest;
  readonly drive: BeltDrive;
  readonly shop: ShopDto;
  readonly onUse: (move: ChosenMove, needsHp: number | undefined) => void;
  readonly onEdit: () => void;
}

const RANK_TEXT: Readonly<Record<DriveRank, string>> = {
  asFound: 'As found',
  turn: 'Turn the sheave',
  belt: 'Other belt',
  truckSheave: 'From the truck',
  bought: 'Bought parts',
  largerMotor: 'Larger motor',
};

/** The Drive bench with its action below it, as it stands beside a wide page. */
export function DriveBenchView(props: DriveBenchViewProps) {
  const bench = useDriveBench(props.request, props.drive);
  return (
    <View style={{ gap: 12 }}>
      <BenchMain {...props} bench={bench} />
      <UseSetting {...props} bench={bench} />
    </View>
  );
}

/** The Drive bench as a page of its own: the action stays in reach. */
export function DriveBenchPlace({
  head,
  frame,
  ...props
}: DriveBenchViewProps & { readonly head: ReactNode; readonly frame: Frame }) {
  const bench = useDriveBench(props.request, props.drive);
  return frame({
    main: (
      <View style={{ gap: 12 }}>
        {head}
        <BenchMain {...props} bench={bench} />
      </View>
    ),
    side: null,
    foot: (
      <View style={{ paddingHorizontal: 16, paddingVertical: 10 }}>
        <UseSetting {...props} bench={bench} />
      </View>
    ),
  });
}

type WithBench = DriveBenchViewProps & { readonly bench: DriveBench };

/** The drive to scale with its present setting behind, what the setting does, and the ways that land in the band. */
function BenchMain({ request, drive, shop, onEdit, bench }: WithBench) {
  const { answer, shown, pose, adjustable } = bench;
  return (
    <View style={{ gap: 12 }}>
      {answer.reasons.map((reason) => (
        <Reason key={reason}>{reason}</Reason>
      ))}
      {pose.now && (
        <View>
          <DriveDrawing
            now={pose.now}
            asFound={pose.asFound}
            motorWords={adjustable ? 'motor, adjustable' : 'motor, fixed'}
            wrapDeg={pose.wrapDeg}
          />
          <Txt size={14} color="softInk" align="right">
            dashed: as found · drawn to scale
          </Txt>
        </View>
      )}
      {adjustable && <Turns bench={bench} drive={drive} />}
      {shown ? (
        <SettingRows shown={shown} answer={answer} request={request} />
      ) : (
        <Reason>
          No belt that is sold fits this setting within the motor base’s travel, or the maker’s table does not know its
          RPM. Turn on.
        </Reason>
      )}
      {answer.solutions.length > 0 && (
        <View>
          <Heading size={17}>Ways that land in the band</Heading>
          <Solutions bench={bench} shop={shop} />
        </View>
      )}
      <Pressable role="button" onPress={onEdit} style={{ minHeight: 48, justifyContent: 'center' }}>
        <Txt bold color="action">
          Sheaves, belt and base as fitted
        </Txt>
      </Pressable>
    </View>
  );
}

/** Takes the setting that is looked at into the plan. */
function UseSetting({ shop, onUse, bench: { shown, adjustable, turnsOpen } }: WithBench) {
  if (!shown) return null;
  const asFound = shown.option.rank === 'asFound';
  return (
    <ActionButton
      disabled={asFound}
      quiet={asFound}
      onPress={() => onUse({ id: 'setDrive', inputs: driveInputs(shown.option.drive) }, shown.needsHp)}
      aside={
        asFound ? undefined : `${minutesText(shown.option.minutes)} · ${moneyText(shown.option.cost, shop.currency)}`
      }
    >
      {asFound ? 'This is how it stands' : `Use ${adjustable ? turnsOpenText(turnsOpen) : 'this setting'}`}
    </ActionButton>
  );
}

function Reason({ children }: { readonly children: ReactNode }) {
  const palette = usePalette();
  return (
    <View role="status" style={{ backgroundColor: palette.edge, borderRadius: 6, padding: 12 }}>
      <Txt size={15} figures>
        {children}
      </Txt>
    </View>
  );
}

/** The ways that land in the band, least work first. */
function Solutions({ bench, shop }: { readonly bench: DriveBench; readonly shop: ShopDto }) {
  const palette = usePalette();
  const { answer, shown, look } = bench;
  const same = (a: DriveSolution, b: DriveSolution | undefined) =>
    b !== undefined && JSON.stringify(a.option.drive) === JSON.stringify(b.option.drive);
  return (
    <View role="radiogroup" aria-label="Ways that land in the band" style={{ gap: 0 }}>
      {answer.solutions.map((solution) => {
        const on = same(solution, shown);
        const { operation } = solution.prediction;
        const says = operation.kind === 'crossing' ? `${flowText(operation.flowCfm)} CFM` : '';
        const effort = `${minutesText(solution.option.minutes)} · ${moneyText(solution.option.cost, shop.currency)}`;
        return (
          <Pressable
            key={solution.option.rank}
            role="radio"
            aria-checked={on}
            aria-label={`${RANK_TEXT[solution.option.rank]}: ${solution.words}. ${says}, ${effort}`}
            onPress={() => look(solution)}
            style={{
              minHeight: 60,
              paddingVertical: 6,
              borderTopWidth: 1,
              borderColor: palette.line,
              flexDirection: 'row',
              alignItems: 'center',
              gap: 12,
            }}
          >
            <View
              style={{
                width: 22,
                height: 22,
                borderRadius: 11,
                borderWidth: 2,
                borderColor: palette.ink,
                alignItems: 'center',
                justifyContent: 'center',
              }}
            >
              {on && <View style={{ width: 12, height: 12, borderRadius: 6, backgroundColor: palette.ink }} />}
            </View>
            <View style={{ flex: 1 }}>
              <Txt bold>
                {RANK_TEXT[solution.option.rank]}
                {solution.needsHp === undefined ? '' : `, ${solution.needsHp} hp`}
              </Txt>
              <Txt size={14} color="softInk" figures>
                {solution.words}
              </Txt>
            </View>
            <View style={{ alignItems: 'flex-end' }}>
              <Txt bold figures>
                {says}
              </Txt>
              <Txt size={14} color="softInk" figures>
                {effort}
              </Txt>
            </View>
          </Pressable>
        );
      })}
    </View>
  );
}

function Turns({ bench, drive }: { readonly bench: DriveBench; readonly drive: BeltDrive }) {
  const { turnsOpen, turnsMost, turn } = bench;
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
      <Step label="Half a turn closer" disabled={turnsOpen <= 0} onPress={() => turn(-0.5)}>
        −
      </Step>
      <View role="status" style={{ flex: 1, alignItems: 'center' }}>
        <Txt size={28} bold figures style={{ lineHeight: 34 }}>
          {turnsOpenText(turnsOpen)}
        </Txt>
        <Txt size={14} color="softInk" figures>
          was {turnsText(drive.turnsOpen)} · range 0–{turnsMost} · half turns
          {drive.motorSheave.grooves > 1 ? ', both grooves' : ''}
        </Txt>
      </View>
      <Step label="Half a turn open" disabled={turnsOpen >= turnsMost} onPress={() => turn(0.5)}>
        +
      </Step>
    </View>
  );
}

function Step({
  label,
  disabled,
  onPress,
  children,
}: {
  readonly label: string;
  readonly disabled: boolean;
  readonly onPress: () => void;
  readonly children: string;
}) {
  const palette = usePalette();
  return (
    <Pressable
      role="button"
      aria-label={label}
      aria-disabled={disabled}
      disabled={disabled}
      onPress={onPress}
      style={{
        width: 68,
        height: 60,
        borderRadius: 6,
        borderWidth: 2,
        borderColor: disabled ? palette.line : palette.ink,
        alignItems: 'center',
        justifyContent: 'center',
      }}
    >
      <Txt size={28} bold color={disabled ? 'softInk' : 'ink'}>
        {children}
      </Txt>
    </Pressable>
  );
}

interface Row {
  readonly name: string;
  readonly under: string;
  readonly before?: string;
  readonly after?: string;
  readonly word: VerdictWord;
}

function rowsOf(shown: DriveSolution, now: DriveSolution | undefined, { goal }: PlanRequest): Row[] {
  const rpm = (s: DriveSolution | undefined) => {
    const fan = s?.prediction.system.fan;
    const value = fan && tapRpm(fan.table, fan.tap);
    return value === undefined ? undefined : String(Math.round(value));
  };
  const at = (s: DriveSolution | undefined) =>
    s?.prediction.operation.kind === 'crossing' ? s.prediction.operation : undefined;
  const check = (id: string) => shown.checks.find((c) => c.id === id);
  const flow = (s: DriveSolution | undefined) => {
    const point = at(s);
    return point && flowText(point.flowCfm);
  };
  const statics = (s: DriveSolution | undefined) => {
    const point = at(s);
    return point && staticText(point.tespInWc);
  };
  const motor = (s: DriveSolution | undefined) => {
    const load = s?.prediction.motor;
    return load && `${load.value.toFixed(load.unit === 'amps' ? 1 : 2)} ${load.unit === 'amps' ? 'A' : 'hp'}`;
  };
  const rows: Row[] = [
    {
      name: 'Blower',
      under: check('rpm')?.sentence ?? 'its limit is not known',
      before: rpm(now),
      after: `${rpm(shown) ?? '–'} RPM`,
      word: check('rpm')?.word ?? 'cantSay',
    },
    {
      name: 'Airflow',
      under: `target ${flowText(goal.target.flowCfm)} ± ${Math.round(100 * goal.rules.bandShare)} %`,
      before: flow(now),
      after: flow(shown) ?? 'off the table',
      word: shown.prediction.airflow,
    },
    {
      name: 'External static',
      under: `of ${staticText(goal.maxTesp.value)} in. w.c.`,
      before: statics(now),
      after: statics(shown) ?? '–',
      word: shown.prediction.tesp,
    },
  ];
  if (shown.prediction.motor)
    rows.push({
      name: 'Motor',
      under: shown.prediction.motor.sentence,
      before: motor(now),
      after: motor(shown),
      word: shown.prediction.motor.word,
    });
  else rows.push({ name: 'Motor', under: 'Measure its amps, and enter its plate.', word: 'cantSay' });
  const { fit, baseMoveIn } = shown.option;
  const base =
    Math.abs(baseMoveIn) < 1 / 32
      ? 'the base stays'
      : `move the base ${ruleText(baseMoveIn)} ${baseMoveIn < 0 ? 'closer' : 'away'}`;
  rows.push({
    name:
      fit.from === 'fitted'
        ? `Belt ${fit.belt.mark} stays`
        : `Belt ${fit.belt.mark}${fit.from === 'truck' ? ', on the truck' : ', to buy'}`,
    under: `${base} · press ${ruleText(shown.tension.deflectionIn)} at mid-span · true within ${ruleText(shown.tension.alignmentIn)} · ${check('belt')?.sentence ?? ''}`,
    word: check('belt')?.word ?? 'cantSay',
  });
  for (const id of ['cleared', 'overload', 'volts', 'wrap', 'beltSpeed'] as const) {
    const found = check(id);
    if (found) rows.push({ name: found.name, under: found.sentence, word: found.word });
  }
  return rows;
}

function SettingRows({
  shown,
  answer,
  request,
}: {
  readonly shown: DriveSolution;
  readonly answer: DriveBench['answer'];
  readonly request: PlanRequest;
}) {
  const palette = usePalette();
  return (
    <View>
      <Heading size={14} style={{ width: 1, height: 1, overflow: 'hidden', position: 'absolute' }}>
        What this setting does
      </Heading>
      {rowsOf(shown, answer.now, request).map(({ name, under, before, after, word }) => (
        <View
          key={name}
          accessible
          aria-label={`${name}: ${before === undefined ? '' : `${before} now, `}${after ?? ''} ${VERDICT_TEXT[word]}. ${under}`}
          style={{
            flexDirection: 'row',
            alignItems: 'center',
            gap: 10,
            borderTopWidth: 1,
            borderColor: palette.line,
            minHeight: 56,
            paddingVertical: 6,
          }}
        >
          <View style={{ flex: 1 }}>
            <Txt size={16}>{name}</Txt>
            <Txt size={14} color="softInk" figures>
              {under}
            </Txt>
          </View>
          {before !== undefined && (
            <Txt size={15} color="softInk" figures>
              {before}
            </Txt>
          )}
          {after !== undefined && (
            <Txt size={20} bold figures align="right" style={{ minWidth: 74 }}>
              {after}
            </Txt>
          )}
          <VerdictMark word={word} size={20} />
        </View>
      ))}
    </View>
  );
}
