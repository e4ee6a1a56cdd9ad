import type { DecidedPlan } from '@huff/contract';
import type { ShopDto } from '@huff/contract/fix';
import { readKept, type FactKind, type PortId } from '@huff/core';
import { View } from 'react-native';
import { Airway } from '../../ui/airway';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { Energy } from './Energy';
import { ProofCrossing } from './ProofCrossing';
import { ClaimCheck } from './ClaimCheck';
import { CLAIM_TITLE } from './claimText';
import { ProofTable } from './ProofTable';
import { ProvenPath } from './ProvenPath';
import { ReadAgain } from './ReadAgain';
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
export function VerifyView({ plan, proven, shop, width, onPort, onMethod, wide }: ProveStationProps) {
  const palette = usePalette();
  if (!plan || !proven) {
    return (
      <View style={{ gap: 8 }}>
        <Heading size={17}>Nothing to verify yet</Heading>
        <Txt color="softInk">
          Choose a plan under Fix and do the work. Then measure the same ports again here to see whether it worked.
        </Txt>
      </View>
    );
  }
  const { proof, before, after } = proven;
  return (
    <View style={{ gap: 16 }}>
      <View role="status" style={{ borderLeftWidth: 4, borderColor: palette.action, paddingLeft: 12, gap: 4 }}>
        <Heading size={19}>
          {proof.claim && proof.claim.found !== 'asPromised' && proof.contradictions.length === 0
            ? CLAIM_TITLE[proof.claim.found]
            : (proof.sentence ?? 'Measure the same ports again')}
        </Heading>
        {plan.record.words.map(readKept).map((words) => (
          <Txt key={words} size={14} color="softInk" figures>
            {words}
          </Txt>
        ))}
      </View>
      <ClaimCheck proof={proof} />
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
          sections={after.judgement.sections}
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
          <ProvenPath plan={plan} proven={proven} />
        </>
      )}
    </View>
  );
}
