import { flowText, inSentence, sentenceCase, shownText, unitText } from '@huff/core';
import { BUILDING_POINTS, checkPoint, checkText, outdoorAirShare } from '@huff/core/call';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import Svg, { G, Line, Path } from 'react-native-svg';
import { VerdictMark } from '../../ui/marks';
import { ActionButton } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { CallLines } from './CallLines';
import { PointList } from './PointList';
import type { StepProps } from '../visitState/station';
import { CallFoot } from './CallFoot';
import { Cautions } from './Cautions';
import { FoundList } from './FindingsStep';
import { PointSheet } from './PointSheet';
import { useCall } from './useCall';
import { useWholeVisit } from '../visitState/WholeVisit';

const FLOWS = ['exhaustCfm', 'makeUpCfm', 'outdoorAirCfm'] as const;
const TEMPERATURES = ['returnAirF', 'outdoorAirF', 'mixedAirF'] as const;
const HEIGHT = 300;

const netWords = (cfm: number) => `net ${cfm < 0 ? '−' : '+'}${flowText(Math.abs(cfm))} ${unitText('cfm')}`;

/** The station Building air: what goes out against what comes in, drawn on the building; outdoor-air share; economizer and make-up unit. */
export function BuildingStep({ assessment, frame, width }: StepProps) {
  const { whole } = useWholeVisit();
  const call = useCall(whole, assessment);
  const [asked, setAsked] = useState<string>();
  const figure = (id: string) => call.checks.get(id)?.value;
  const net = call.building;
  const [returnF, outdoorF, mixedF] = TEMPERATURES.map(figure);
  const share =
    returnF !== undefined && outdoorF !== undefined && mixedF !== undefined
      ? outdoorAirShare(returnF, mixedF, outdoorF)
      : undefined;
  const missing = [...FLOWS, 'buildingInWc'].find((id) => figure(id) === undefined);
  // What has no place on the drawing.
  const drawn: readonly string[] = [...FLOWS, ...TEMPERATURES, 'buildingInWc'];
  const rows = BUILDING_POINTS.map(({ id }) => id).filter((id) => !drawn.includes(id));
  return frame({
    main: (
      <View style={{ gap: 16 }}>
        <Cautions unread={call.unread(['gas', 'roof'])} />
        <BuildingDrawing width={width} figure={figure} netCfm={net?.netCfm} onPoint={setAsked} />
        <View style={{ gap: 6 }}>
          <Heading size={17}>Outdoor-air percentage</Heading>
          <View style={{ flexDirection: 'row', gap: 8 }}>
            {TEMPERATURES.map((id) => (
              <Pressable key={id} role="button" onPress={() => setAsked(id)} style={{ flex: 1, minHeight: 56 }}>
                <Txt size={19} bold figures color={figure(id) === undefined ? 'action' : 'ink'}>
                  {figure(id) === undefined ? 'type' : `${shownText(figure(id)!, 'degF')}°`}
                </Txt>
                <Txt size={14} color="softInk">
                  {inSentence(checkPoint(id)!.name)}
                </Txt>
              </Pressable>
            ))}
          </View>
          {share && (
            <Txt size={15}>
              {share.ok
                ? `${Math.round(100 * share.share)} % ± ${Math.round(100 * share.sigma)} of the air is outdoor air.`
                : share.why}
            </Txt>
          )}
        </View>
        <View>
          <Heading size={17}>Tests</Heading>
          <PointList ids={rows} call={call} />
          <CallLines lines={call.makeUp} />
        </View>
        <PointSheet asked={asked} call={call} onClose={() => setAsked(undefined)} />
      </View>
    ),
    side: <FoundList triage={call.triage} />,
    foot: (
      <CallFoot>
        <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
          <VerdictMark word={net?.word ?? 'cantSay'} size={20} />
          <Txt size={15} role="status" style={{ flex: 1 }}>
            {net
              ? [net.netCfm !== undefined && `${sentenceCase(netWords(net.netCfm))}.`, net.sentence]
                  .filter(Boolean)
                  .join(' ')
              : 'Enter exhaust and incoming air on the drawing.'}
          </Txt>
        </View>
        {missing !== undefined && (
          <ActionButton onPress={() => setAsked(missing)} aside={`${checkPoint(missing)!.minutes} min`}>
            {`Next: ${inSentence(checkPoint(missing)!.name)}`}
          </ActionButton>
        )}
      </CallFoot>
    ),
  });
}

interface DrawingProps {
  readonly width: number;
  readonly figure: (id: string) => number | undefined;
  readonly netCfm?: number;
  readonly onPoint: (id: string) => void;
}

/** The building in section: air in by make-up and rooftop units, air out by exhaust, its own pressure inside. */
function BuildingDrawing({ width, figure, netCfm, onPoint }: DrawingProps) {
  const palette = usePalette();
  const left = 26;
  const right = width - 26;
  const roof = 118;
  const at = {
    makeUpCfm: left + (right - left) * 0.16,
    outdoorAirCfm: left + (right - left) * 0.5,
    exhaustCfm: left + (right - left) * 0.84,
  } as const;
  const arrow = (x: number, isIn: boolean, cfm: number | undefined) => {
    const isNone = cfm === undefined || cfm === 0;
    const wide = isNone ? 2 : Math.min(12, 2.5 + cfm / 400);
    const color = isNone ? palette.softInk : isIn ? palette.supply : palette.suction;
    const [from, to] = isIn ? [roof - 34, roof + 30] : [roof + 30, roof - 34];
    const tip = isIn ? to + 10 : to - 10;
    return (
      <G key={x}>
        <Line
          x1={x}
          x2={x}
          y1={from}
          y2={to}
          stroke={color}
          strokeWidth={wide}
          strokeDasharray={isNone ? '3 4' : undefined}
        />
        <Path d={`M${x - 9 - wide / 2} ${to} H${x + 9 + wide / 2} L${x} ${tip} Z`} fill={color} />
      </G>
    );
  };
  const label = (id: keyof typeof at) => {
    const cfm = figure(id);
    return (
      <Pressable
        key={id}
        role="button"
        aria-label={`${checkPoint(id)!.name}: ${cfm === undefined ? 'not read' : `${flowText(cfm)} ${unitText('cfm')}`}. Type it`}
        onPress={() => onPoint(id)}
        style={{ position: 'absolute', left: at[id] - 58, top: 12, width: 116, minHeight: 60, alignItems: 'center' }}
      >
        <Txt size={14} color="softInk">
          {inSentence(checkPoint(id)!.name)}
        </Txt>
        <Txt size={21} bold figures color={cfm === undefined ? 'action' : 'ink'}>
          {cfm === undefined ? 'type' : flowText(cfm)}
        </Txt>
      </Pressable>
    );
  };
  const pressure = figure('buildingInWc');
  return (
    <View style={{ width, height: HEIGHT }}>
      <Svg width={width} height={HEIGHT} style={{ position: 'absolute' }} aria-hidden>
        <Path
          d={`M${left} ${HEIGHT - 12} V${roof} H${right} V${HEIGHT - 12}`}
          fill="none"
          stroke={palette.ink}
          strokeWidth={3}
        />
        <Line x1={0} x2={width} y1={HEIGHT - 12} y2={HEIGHT - 12} stroke={palette.line} strokeWidth={2} />
        <Path d={`M${right} ${HEIGHT - 12} V${HEIGHT - 84}`} stroke={palette.paper} strokeWidth={5} />
        {/* The outside door, as far as it is pulled. */}
        <Line
          x1={right}
          x2={netCfm === undefined ? right : right + (netCfm < 0 ? -22 : 18)}
          y1={HEIGHT - 84}
          y2={HEIGHT - 14}
          stroke={palette.ink}
          strokeWidth={3}
        />
        {arrow(at.makeUpCfm, true, figure('makeUpCfm'))}
        {arrow(at.outdoorAirCfm, true, figure('outdoorAirCfm'))}
        {arrow(at.exhaustCfm, false, figure('exhaustCfm'))}
      </Svg>
      {(['makeUpCfm', 'outdoorAirCfm', 'exhaustCfm'] as const).map(label)}
      <Pressable
        role="button"
        aria-label={`Building pressure: ${pressure === undefined ? 'not read' : checkText({ point: 'buildingInWc', value: pressure })}. Type it`}
        onPress={() => onPoint('buildingInWc')}
        style={{
          position: 'absolute',
          left: width / 2 - 90,
          top: roof + 58,
          width: 180,
          minHeight: 72,
          alignItems: 'center',
          justifyContent: 'center',
        }}
      >
        <Txt size={22} bold figures color={pressure === undefined ? 'action' : 'ink'}>
          {pressure === undefined ? 'type' : checkText({ point: 'buildingInWc', value: pressure })}
        </Txt>
        <Txt size={14} color="softInk">
          building against outdoors
        </Txt>
        {netCfm !== undefined && (
          <Txt size={15} bold>
            {netWords(netCfm)}
          </Txt>
        )}
      </Pressable>
    </View>
  );
}
