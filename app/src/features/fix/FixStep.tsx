import { intoWhole, type PartedVisit, type VisitDto } from '@huff/contract';
import { moveOf, type CautionId, type ChosenMove, type FactKind } from '@huff/core';
import { planRecordOf } from '@huff/core/fix';
import { useState, type ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { useShop } from '../../data/useShop';
import { Icon } from '../../ui/icons';
import { ActionButton } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { useIsWide } from '../../ui/theme';
import type { Frame } from '../visitState/frame';
import { withFact } from '../visitState/newFact';
import { useAssessment } from '../visitState/useAssessment';
import { FindingsBeside } from '../call/FindingsBeside';
import { DriveBenchPlace, DriveBenchView } from '../driveBench/DriveBenchView';
import { DriveFormSheet } from '../driveBench/DriveFormSheet';
import { BeginSheet } from './BeginSheet';
import { DecidedPlanPicture, DecidedPlanWords } from './DecidedPlan';
import { FixCrossing } from './FixCrossing';
import { FixStation } from './FixStation';
import { FixFoot } from './FixFoot';
import { PredictionTable } from './PredictionTable';
import { useFix, withMove } from './useFix';
import { useWholeVisit } from '../visitState/WholeVisit';

interface FixStepProps {
  readonly parted: PartedVisit;
  readonly onProve: () => void;
  readonly onMethod: (method: FactKind) => void;
  /** Absent when the visit is saved already. */
  readonly onSave?: () => void;
  readonly frame: Frame;
}

/** The station Fix with all that belongs to it: weighing, the Drive bench, deciding, and the plan that was decided. */
export function FixStep(props: FixStepProps) {
  return props.parted.plan ? <Decided {...props} plan={props.parted.plan} /> : <Weighing {...props} />;
}

function Decided({ plan, onProve, frame }: FixStepProps & { readonly plan: NonNullable<PartedVisit['plan']> }) {
  const wide = useIsWide();
  const shop = useShop();
  const { whole, setWhole } = useWholeVisit();
  const takeBack = () => setWhole(withFact(whole, 'plan', { withdrawn: true }, new Date()));
  return frame({
    main: (
      <>
        <DecidedPlanWords plan={plan} shop={shop} />
        {!wide && <DecidedPlanPicture plan={plan} />}
        <ActionButton quiet onPress={takeBack}>
          Withdraw plan
        </ActionButton>
      </>
    ),
    side: (
      <>
        <Heading size={17}>Operating point after the fix</Heading>
        <DecidedPlanPicture plan={plan} height={340} />
      </>
    ),
    foot: (
      <View style={{ padding: 16 }}>
        <ActionButton onPress={onProve}>Verify it</ActionButton>
      </View>
    ),
  });
}

/** Cautions that were acknowledged at this visit already. */
function cautionsKnown(visit: VisitDto): CautionId[] {
  const read = (visit.facts ?? []).flatMap(({ kind, inputs }) =>
    kind === 'plan' && Array.isArray(inputs.cautionsRead) ? (inputs.cautionsRead as CautionId[]) : [],
  );
  return [...new Set(read)];
}

function Weighing({ parted, onProve, onMethod, onSave, frame }: FixStepProps) {
  const wide = useIsWide();
  const shop = useShop();
  const { whole, setWhole } = useWholeVisit();
  const { before } = parted;
  const assessment = useAssessment(before);
  const fix = useFix(before, assessment, shop);
  const [atBench, setAtBench] = useState(false);
  const [describing, setDescribing] = useState(false);
  const [beginning, setBeginning] = useState(false);
  const { request, planned } = fix;
  const plan = planned?.ok ? planned.plan : undefined;
  const drive = request?.system.drive;
  const begin = (cautionsRead: readonly CautionId[]) => {
    const record = request && plan && planRecordOf(plan, request, cautionsRead);
    if (!record) return;
    setWhole(withFact(whole, 'plan', { ...record }, new Date()));
    onProve();
  };
  const openBench = () => (drive ? setAtBench(true) : setDescribing(true));
  const use = (move: ChosenMove, needsHp: number | undefined) => {
    const set = withMove(fix.chosen, move);
    const motor = needsHp !== undefined && request ? motorMove(request.system.motor, needsHp) : undefined;
    fix.choose(motor ? withMove(set, motor) : set);
    setAtBench(false);
  };
  const benchProps = { shop, onUse: use, onEdit: () => setDescribing(true) };
  const driveKey = JSON.stringify(whole.setup?.drive ?? null);
  const bench =
    request && drive ? <DriveBenchView key={driveKey} {...benchProps} request={request} drive={drive} /> : undefined;
  const sheets: ReactNode = (
    <>
      <DriveFormSheet
        open={describing}
        unit={whole}
        table={whole.table}
        onUnit={(unit) => setWhole({ ...whole, ...unit })}
        onClose={() => setDescribing(false)}
      />
      {request && plan && (
        <BeginSheet
          open={beginning}
          request={request}
          plan={plan}
          known={cautionsKnown(whole)}
          onBegin={begin}
          onClose={() => setBeginning(false)}
        />
      )}
    </>
  );
  const station = (
    <FixStation
      visit={before}
      assessment={assessment}
      shop={shop}
      fix={fix}
      onDriveBench={openBench}
      onVisit={(changed) => setWhole(intoWhole(whole, before, changed))}
      onMethod={onMethod}
      wide={wide && bench === undefined}
      benchBeside={wide && bench !== undefined}
    />
  );
  const foot = <FixFoot visit={before} fix={fix} shop={shop} onBegin={() => setBeginning(true)} onSave={onSave} />;
  if (!wide && atBench && request && drive) {
    return (
      <>
        <DriveBenchPlace
          key={driveKey}
          {...benchProps}
          request={request}
          drive={drive}
          head={<BackToFix onPress={() => setAtBench(false)} />}
          frame={frame}
        />
        {sheets}
      </>
    );
  }
  return frame({
    main: (
      <>
        {station}
        {sheets}
      </>
    ),
    // Of a belt drive the bench is where the work is: the Crossing then stays with the plans.
    side: bench ? (
      <View style={{ gap: 8 }}>
        <Heading size={19}>Belt drive</Heading>
        {bench}
      </View>
    ) : (
      <>
        <View style={{ gap: 4 }}>
          <Heading size={17}>Fan curve and duct system</Heading>
          <FixCrossing fix={fix} assessment={assessment} height={340} />
        </View>
        {request && plan && fix.chosen.length > 0 && <PredictionTable request={request} prediction={plan.prediction} />}
        {wide && <FindingsBeside assessment={assessment} />}
      </>
    ),
    foot,
  });
}

/** The larger motor a setting of the drive needs. */
function motorMove(motor: { plateAmps?: number; ratedHp?: number } | undefined, hp: number): ChosenMove | undefined {
  const move = moveOf('largerMotor');
  if (!move) return undefined;
  const amps = motor?.plateAmps && motor.ratedHp ? (motor.plateAmps * hp) / motor.ratedHp : 3 * hp;
  return { id: move.id, inputs: { ratedHp: hp, plateAmps: Number(amps.toFixed(1)), serviceFactor: 1.15 } };
}

function BackToFix({ onPress }: { readonly onPress: () => void }) {
  return (
    <Pressable
      role="button"
      onPress={onPress}
      style={{ minHeight: 48, flexDirection: 'row', alignItems: 'center', gap: 8 }}
    >
      <Icon name="arrow-left" size={22} />
      <Heading size={19}>Belt drive</Heading>
      <Txt color="softInk" style={{ flex: 1 }} align="right">
        back to Fix
      </Txt>
    </Pressable>
  );
}
