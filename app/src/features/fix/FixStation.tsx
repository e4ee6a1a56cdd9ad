import type { Assessment, VisitDto } from '@huff/contract';
import type { ShopDto } from '@huff/contract/fix';
import { moveOf, MOVES, soundInputs, type ChosenMove, type FactKind } from '@huff/core';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Crossing } from '../../ui/crossing';
import { Icon } from '../../ui/icons';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { AdvicePane } from '../check/AdvicePane';
import { deltaOf, minutesText, moneyText } from './fixText';
import { KnowMore } from './KnowMore';
import { MoveRow } from './MoveRow';
import { MoveSheet } from './MoveSheet';
import { PlanCards } from './PlanCards';
import { PredictionTable } from './PredictionTable';
import { SpeedRow } from './SpeedRow';
import { withMove, withoutMove, type Fix } from './useFix';
import { useReadyPlans } from './useReadyPlans';

interface FixStationProps {
  readonly visit: VisitDto;
  readonly assessment: Assessment;
  readonly shop: ShopDto;
  readonly fix: Fix;
  /** The Drive bench stands beside it, or is opened from here. */
  readonly onDriveBench: () => void;
  readonly onVisit: (visit: VisitDto) => void;
  readonly onMethod: (method: FactKind) => void;
  /** The Crossing and the table stand in another pane. */
  readonly wide?: boolean;
  /** The Drive bench stands in another pane. */
  readonly benchBeside?: boolean;
}

/** Fix: the ready plans, the moves that make sense here, and what any choice of them would do. */
export function FixStation({
  visit,
  assessment,
  shop,
  fix,
  onDriveBench,
  onVisit,
  onMethod,
  wide,
  benchBeside,
}: FixStationProps) {
  const palette = usePalette();
  const ready = useReadyPlans(fix.request);
  const [editing, setEditing] = useState<string>();
  const { request, offered, chosen, planned } = fix;
  if (!request) {
    return (
      <View style={{ gap: 12 }}>
        <Heading size={17}>Nothing to predict from yet</Heading>
        <Txt color="softInk">{assessment.judgement.airflow.sentence}</Txt>
        {assessment.advice.kind !== 'cantSay' && <AdvicePane advice={assessment.advice} onLook={() => undefined} />}
      </View>
    );
  }
  const belt = visit.motor === 'beltDrive';
  const inputsOf = (id: string) =>
    chosen.find((one) => one.id === id)?.inputs ??
    offered.find((one) => one.chosen.id === id)?.chosen.inputs ??
    moveOf(id)?.defaults(request.system, { goal: request.goal, looks: assessment.looks }) ??
    {};
  const row = (move: ChosenMove, why: string, due: boolean) => {
    const known = moveOf(move.id)!;
    const effort = request.figures[move.id] ?? known;
    const on = chosen.some((one) => one.id === move.id);
    return (
      <MoveRow
        key={move.id}
        name={known.name}
        says={`${known.says(soundInputs(known, move.inputs), request.system)}. ${why}`}
        effort={`${minutesText(effort.minutes)} · ${moneyText(effort.cost, shop.currency)}${due ? ' · in every plan' : ''}`}
        delta={deltaOf(request.system, withoutMove(chosen, move.id), withMove(chosen, move))}
        chosen={on}
        onToggle={() => fix.toggle(move)}
        onOpen={Object.keys(known.fields).length > 0 ? () => setEditing(move.id) : undefined}
      />
    );
  };
  return (
    <View style={{ gap: 14 }}>
      {!wide && <FixCrossing fix={fix} assessment={assessment} />}
      {planned && !planned.ok && (
        <View role="alert" style={{ backgroundColor: palette.outside, borderRadius: 6, padding: 12 }}>
          <Txt size={15}>{planned.why}</Txt>
        </View>
      )}
      <PlanCards ready={ready} chosen={chosen} currency={shop.currency} onTake={fix.choose} />
      <View>
        {belt && !benchBeside && (
          <DriveRow chosen={chosen} known={request.system.drive !== undefined} onOpen={onDriveBench} />
        )}
        {!belt && <SpeedRow request={request} chosen={chosen} onChoose={fix.choose} />}
        {offered.map(({ chosen: move, why, due }) => row(chosen.find((one) => one.id === move.id) ?? move, why, due))}
        <OtherMoves
          offered={offered.map((one) => one.chosen.id)}
          motor={visit.motor}
          onOpen={(id) => {
            if (Object.keys(moveOf(id)!.fields).length > 0) setEditing(id);
            else fix.type(id, {});
          }}
        />
      </View>
      {!wide && planned?.ok && chosen.length > 0 && (
        <PredictionTable request={request} prediction={planned.plan.prediction} />
      )}
      {(assessment.model?.notes ?? []).map((note) => (
        <Txt key={note} size={14} color="softInk">
          {note}
        </Txt>
      ))}
      <KnowMore visit={visit} onVisit={onVisit} onMethod={onMethod} />
      <SpeedFirst on={fix.speedFirst} onChange={fix.setSpeedFirst} />
      {!belt && (
        <AdvicePane
          advice={assessment.advice}
          looking={speedOf(chosen) ?? assessment.advice.tap}
          onLook={(tap) =>
            fix.choose(
              tap === request.system.fan.tap
                ? withoutMove(chosen, 'changeTap')
                : withMove(chosen, { id: 'changeTap', inputs: { tap } }),
            )
          }
        />
      )}
      <MoveSheet
        id={editing}
        inputs={editing === undefined ? {} : inputsOf(editing)}
        onKeep={fix.type}
        onClose={() => setEditing(undefined)}
      />
    </View>
  );
}

const speedOf = (chosen: readonly ChosenMove[]) => {
  const tap = chosen.find((one) => one.id === 'changeTap')?.inputs.tap;
  return typeof tap === 'string' ? tap : undefined;
};

/** The Crossing with what is chosen: curves bend, where they were stays as a ghost. */
export function FixCrossing({
  fix,
  assessment,
  height = 290,
}: {
  readonly fix: Fix;
  readonly assessment: Assessment;
  readonly height?: number;
}) {
  const { request, planned, chosen } = fix;
  if (!request) return null;
  const then = planned?.ok && chosen.length > 0 ? planned.plan.prediction.system : undefined;
  return (
    <Crossing
      now={request.system}
      then={then}
      target={request.goal.target}
      maxTesp={request.goal.maxTesp}
      sigma={assessment.judgement.sigma}
      height={height}
    />
  );
}

function DriveRow({
  chosen,
  known,
  onOpen,
}: {
  readonly chosen: readonly ChosenMove[];
  readonly known: boolean;
  readonly onOpen: () => void;
}) {
  const palette = usePalette();
  const set = chosen.some((one) => one.id === 'setDrive');
  return (
    <Pressable
      role="button"
      aria-label="Drive bench: sheaves, belt, motor"
      onPress={onOpen}
      style={{
        minHeight: 64,
        flexDirection: 'row',
        alignItems: 'center',
        gap: 12,
        borderTopWidth: 1,
        borderColor: palette.line,
        paddingVertical: 8,
      }}
    >
      <Icon name="fan" size={28} />
      <View style={{ flex: 1 }}>
        <Txt size={17} bold>
          Drive bench
        </Txt>
        <Txt size={14} color="softInk">
          {set
            ? 'A setting is chosen: sheaves, belt, tension, motor load'
            : known
              ? 'Turns, sheaves, belt, tension and motor load for the airflow you want'
              : 'Enter the sheaves and the belt to find the speed'}
        </Txt>
      </View>
      <Icon name="chevron-right" />
    </Pressable>
  );
}

function OtherMoves({
  offered,
  motor,
  onOpen,
}: {
  readonly offered: readonly string[];
  readonly motor: VisitDto['motor'];
  readonly onOpen: (id: string) => void;
}) {
  const palette = usePalette();
  const [open, setOpen] = useState(false);
  const hidden = new Set([
    'changeTap',
    'setDrive',
    ...offered,
    ...(motor === 'beltDrive' ? ['otherMotor'] : ['newBelt', 'largerMotor']),
  ]);
  const others = MOVES.filter((move) => !hidden.has(move.id));
  return (
    <View style={{ borderTopWidth: 1, borderBottomWidth: 1, borderColor: palette.line }}>
      <Pressable
        role="button"
        aria-expanded={open}
        onPress={() => setOpen(!open)}
        style={{ minHeight: 52, flexDirection: 'row', alignItems: 'center' }}
      >
        <Txt bold color="action" style={{ flex: 1 }}>
          Other moves
        </Txt>
        <Txt size={14} color="softInk">
          {others.length} that nothing here asks for
        </Txt>
        <Icon name={open ? 'chevron-down' : 'chevron-right'} color={palette.softInk} />
      </Pressable>
      {open &&
        others.map((move) => (
          <Pressable
            key={move.id}
            role="button"
            aria-label={`Weigh ${move.name}`}
            onPress={() => onOpen(move.id)}
            style={{ minHeight: 48, flexDirection: 'row', alignItems: 'center', gap: 10 }}
          >
            <Icon name="plus" size={20} color={palette.softInk} />
            <Txt style={{ flex: 1 }}>{move.name}</Txt>
          </Pressable>
        ))}
    </View>
  );
}

function SpeedFirst({ on, onChange }: { readonly on: boolean; readonly onChange: (on: boolean) => void }) {
  const palette = usePalette();
  return (
    <Pressable
      role="switch"
      aria-checked={on}
      aria-label="Also plan more speed before the restriction is cleared"
      onPress={() => onChange(!on)}
      style={{ minHeight: 52, flexDirection: 'row', alignItems: 'center', gap: 12 }}
    >
      <View style={{ flex: 1 }}>
        <Txt size={15}>Also plan more speed before the restriction is cleared</Txt>
        <Txt size={14} color="softInk">
          Off is the rule: speed on a choked path costs static, watts and motors.
        </Txt>
      </View>
      <View
        style={{
          width: 48,
          height: 28,
          borderRadius: 14,
          borderWidth: 2,
          borderColor: palette.ink,
          backgroundColor: on ? palette.ink : 'transparent',
          padding: 2,
          alignItems: on ? 'flex-end' : 'flex-start',
        }}
      >
        <View style={{ width: 20, height: 20, borderRadius: 10, backgroundColor: on ? palette.paper : palette.ink }} />
      </View>
    </Pressable>
  );
}
