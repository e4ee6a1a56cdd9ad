import { flowWords, flowText, type FlowEstimate, type ReconciledFlow, type Target } from '@huff/core';
import { reconcileHeight, reconcileShapes } from '@huff/paper/charts';
import { ON_SCREEN } from '@huff/paper/shapes';
import { useState } from 'react';
import { View } from 'react-native';
import { Shapes } from '../shapes';

interface ReconcileChartProps {
  readonly estimates: readonly FlowEstimate[];
  readonly flow?: ReconciledFlow;
  readonly target?: Target;
}

/** The methods as a sentence, for those who hear it. */
export function reconcileSentence(estimates: readonly FlowEstimate[], flow?: ReconciledFlow): string {
  if (!flow) return 'No airflow yet.';
  const each = estimates.map((e) => `${e.name} ${flowText(e.flowCfm)} ± ${Math.round(e.sigmaShare * 100)} %`);
  return `${flowText(flow.flowCfm)} ± ${flowWords(flow.sigmaCfm)} out of ${each.join(', ')}.`;
}

/** Each method as a point with its error on one scale of CFM; what counts is full, the mean is the heavy line. */
export function ReconcileChart({ estimates, flow, target }: ReconcileChartProps) {
  const [width, setWidth] = useState(0);
  const height = reconcileHeight(estimates.length);
  return (
    <View
      role="img"
      aria-label={reconcileSentence(estimates, flow)}
      onLayout={(e) => setWidth(e.nativeEvent.layout.width)}
      style={{ height }}
    >
      {width > 0 && estimates.length > 0 && (
        <Shapes
          shapes={reconcileShapes({ estimates, flow, target, width, style: ON_SCREEN })}
          width={width}
          height={height}
        />
      )}
    </View>
  );
}
