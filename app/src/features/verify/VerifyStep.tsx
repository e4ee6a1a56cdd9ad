import type { FactKind, PortId } from '@huff/core';
import type { PartedVisit } from '@huff/contract';
import { provenUnit, unitAfter } from '@huff/contract/fix';
import { units } from '../../data/records';
import { useShop } from '../../data/useShop';
import { Heading } from '../../ui/text';
import { useIsWide } from '../../ui/theme';
import type { Frame } from '../visitState/frame';
import { VerifyFoot } from './VerifyFoot';
import { ProofTable } from './ProofTable';
import { Energy } from './Energy';
import { ProofCrossing } from './ProofCrossing';
import { ProvenPath } from './ProvenPath';
import { VerifyView } from './VerifyView';
import { TracesOverlaid } from './TracesOverlaid';
import { useProof } from './useProof';
import { useWholeVisit } from '../visitState/WholeVisit';

interface VerifyStepProps {
  readonly parted: PartedVisit;
  readonly paneWidth: number;
  readonly onPort: (port: PortId) => void;
  readonly onMethod: (method: FactKind) => void;
  readonly onFix: () => void;
  /** Absent when the visit is saved already. */
  readonly onSave?: () => void;
  readonly frame: Frame;
}

/** The station Prove with its foot: reading again, then keeping what was proven on the unit. */
export function VerifyStep({ parted, paneWidth, onPort, onMethod, onFix, onSave, frame }: VerifyStepProps) {
  const { whole: visit } = useWholeVisit();
  const wide = useIsWide();
  const shop = useShop();
  const proven = useProof(parted);
  const { records } = units.useList();
  const ofUnit = records.find((one) => one.record.id === visit.unitId);
  const unit = ofUnit?.record;
  const found = proven?.proof.proven;
  const kept =
    unit?.proven?.visitId === visit.id &&
    found !== undefined &&
    Math.abs(unit.proven.flowCfm - found.flowCfm) < 0.5 &&
    Math.abs(unit.proven.tespInWc - found.tespInWc) < 0.0005;
  const keep = () => {
    const record = proven && provenUnit(visit, proven.proof, new Date().toISOString());
    if (ofUnit && parted.after && record)
      units.change(ofUnit, unitAfter(ofUnit.record, parted.after, record), 'Unit record changed.');
  };
  return frame({
    main: (
      <>
        <VerifyView
          plan={parted.plan}
          proven={proven}
          shop={shop}
          width={paneWidth}
          onPort={onPort}
          onMethod={onMethod}
          wide={wide}
        />
        <TracesOverlaid parted={parted} width={paneWidth} />
      </>
    ),
    side: parted.plan && proven && (
      <>
        <Heading size={17}>Predicted and measured</Heading>
        <ProofCrossing plan={parted.plan} proven={proven} height={320} />
        <ProofTable proof={proven.proof} />
        <Energy proven={proven} shop={shop} />
        <ProvenPath plan={parted.plan} proven={proven} />
      </>
    ),
    foot: (
      <VerifyFoot
        proven={proven}
        keeping={unit ? (kept ? 'kept' : 'toKeep') : 'noUnit'}
        onPort={onPort}
        onKeep={keep}
        onFix={onFix}
        onSave={onSave}
      />
    ),
  });
}
