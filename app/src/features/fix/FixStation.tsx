import type { Assessment, VisitDto } from '@huff/contract';
import type { ShopDto } from '@huff/contract/fix';
import { moveOf, soundInputs, type ChosenMove, type FactKind } from '@huff/core';
import { useState } from 'react';
import { View } from 'react-native';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { AdvicePane } from '../speed/AdvicePane';
import { DriveRow } from './DriveRow';
import { FixCrossing } from './FixCrossing';
import { minutesText, moneyText } from '../../ui/text/effortText';
import { deltaOf } from './fixText';
import { KnowMore } from './KnowMore';
import { MoveRow } from './MoveRow';
import { MoveSheet } from './MoveSheet';
import { OtherMoves } from './OtherMoves';
import { PlanCards } from './PlanCards';
import { PredictionTable } from './PredictionTable';
import { SpeedFirst } from './SpeedFirst';
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
        <Heading size={17}>No prediction yet</Heading>
        <Txt color="softInk">{assessment.noModel ?? assessment.advice.reason}</Txt>
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
      <PlanCards
        ready={ready}
        chosen={chosen}
        currency={shop.currency}
        assumed={request.system.fan.usual !== undefined}
        onTake={fix.choose}
      />
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
