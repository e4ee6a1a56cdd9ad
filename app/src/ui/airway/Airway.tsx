import { unitText, portOf, staticText, type JudgedSection, type Layout, type PortId, stagesText } from '@huff/core';
import { useMemo, type ReactNode } from 'react';
import { View } from 'react-native';
import { planAirway } from '@huff/paper/airway';
import { PressureLine } from './PressureLine';
import { SectionBlock } from './SectionBlock';

interface AirwayProps {
  readonly layout: Layout;
  readonly sections: readonly JudgedSection[];
  readonly pressures: ReadonlyMap<PortId, number>;
  /** Pressures of before, drawn dashed behind. */
  readonly ghost?: ReadonlyMap<PortId, number>;
  readonly width: number;
  readonly next?: PortId;
  readonly liftInWc?: number;
  readonly onPort?: (port: PortId) => void;
  /** What is drawn beside a port: the live value of its probe. */
  readonly beside?: (port: PortId) => ReactNode;
  readonly onWorking?: (section: JudgedSection) => void;
}

const TOP = 34;

/** The drawing as a sentence, for those who hear it. */
export function airwaySentence(sections: readonly JudgedSection[], liftInWc: number | undefined): string {
  const parts = sections
    .filter((s) => s.dropInWc !== undefined)
    .map((s) => `${stagesText(s.stages)} uses ${staticText(s.dropInWc!)}`);
  if (parts.length === 0) return 'The air path from room to room. No pressure read yet.';
  const lift = liftInWc === undefined ? '' : ` Blower pressure rise ${staticText(liftInWc)}.`;
  return `The air path from room to room, ${unitText('inWc')}: ${parts.join(', ')}.${lift}`;
}

/** The Airway: the air runs down the page from room to room, and its ports are touched to read them. */
export function Airway({
  layout,
  sections,
  pressures,
  ghost,
  width,
  next,
  liftInWc,
  onPort,
  beside,
  onWorking,
}: AirwayProps) {
  const plan = useMemo(() => planAirway(layout, sections, pressures), [layout, sections, pressures]);
  const rowHeight = plan.rows > 4 ? 78 : 88;
  const lineWidth = Math.round(Math.min(210, width * 0.44));
  const portName = (id: PortId) => portOf(layout, id)?.name ?? '';
  return (
    <View role="group" aria-label={airwaySentence(sections, liftInWc)} style={{ flexDirection: 'row', width, gap: 14 }}>
      <PressureLine
        plan={plan}
        ghost={ghost}
        width={lineWidth}
        rowHeight={rowHeight}
        top={TOP}
        next={next}
        portName={portName}
        onPort={onPort}
        beside={beside}
      />
      <View style={{ flex: 1, paddingTop: TOP }}>
        {plan.blocks.map((block) => (
          <View key={block.row} style={{ height: block.rows * rowHeight }}>
            <SectionBlock block={block} liftInWc={liftInWc} onWorking={onWorking} />
          </View>
        ))}
      </View>
    </View>
  );
}
