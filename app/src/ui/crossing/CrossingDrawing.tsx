import { flowWords, operate, resistancesOf, staticText, type System } from '@huff/core';
import { useId, useMemo } from 'react';
import { ClipPath, Defs, G, Line, Path, Rect } from 'react-native-svg';
import { usePalette } from '../theme';
import { Axes, Band } from './CrossingFrame';
import type { CrossingProps } from './crossingProps';
import { crossingScales, fanPath, labelPoint, spreadPath, systemPath, type Box } from '@huff/paper/crossing';
import { curveLabel, curvesOf, spreadOf, limitSpot, asked, edgeOf, moved, pathDiffers } from '@huff/paper/crossing';
import { Label } from './Label';
import { CrossingMark, GhostMark, ReadMark } from './marks';

/** What stands in the Crossing's box: band, curves, limit, the points. */
export function CrossingDrawing({
  now,
  then,
  target,
  maxTesp,
  sigma,
  proven,
  box,
}: CrossingProps & { readonly box: Box }) {
  const palette = usePalette();
  const curves = useMemo(() => curvesOf(now, then), [now, then]);
  const live = then ?? now;
  const at = operate(now);
  const shown = then ? operate(then) : at;
  const atPoint = edgeOf(at);
  const shownPoint = edgeOf(shown);
  const scales = crossingScales(
    curves.map((curve) => curve.runs),
    {
      flowsCfm: [
        atPoint.flowCfm,
        shownPoint.flowCfm,
        ...(target ? [target.lowCfm, target.highCfm] : []),
        ...(proven ? [proven.flowCfm] : []),
      ],
      staticsInWc: [atPoint.staticInWc, shownPoint.staticInWc, maxTesp.value],
    },
    box,
  );
  const { x, y } = scales;
  // Two drawings may stand on one page.
  const clip = useId();
  const share = sigma && atPoint.flowCfm > 0 ? sigma.flowCfm / atPoint.flowCfm : undefined;
  const spread = useMemo(() => spreadOf(live, share), [live, share]);
  const flows: [number, number] = [0, 2 * Math.max(...curves.flatMap((c) => c.runs.flatMap((run) => run.flowsCfm)))];
  const path = (system: System) => systemPath(resistancesOf(system), scales, box, flows);
  /** A crossing lies on the drawn system curve; an edge of the table where the table ends. */
  const placeOf = (system: System, operation: typeof at, { flowCfm, staticInWc }: typeof atPoint) => ({
    x: x(flowCfm),
    y: y(operation.kind === 'crossing' ? asked(system, flowCfm) : staticInWc),
  });
  const place = placeOf(live, shown, shownPoint);
  const found = shown.kind === 'crossing';
  const bent = then !== undefined && pathDiffers(now, then);
  const ghost = then !== undefined && (at.kind !== shown.kind || moved(atPoint, shownPoint) || bent);
  const labelLeft = place.x > box.right - 96;
  const taken = curves.flatMap(({ runs }) => {
    const label = labelPoint(runs);
    return label ? [{ x: x(label.flowCfm) - 4, y: y(label.staticInWc) - 6, half: 20 }] : [];
  });
  taken.push({ x: place.x + (labelLeft ? -60 : 60), y: place.y - 12, half: 50 });
  const ghostAt = placeOf(now, at, atPoint);
  if (ghost) taken.push({ x: ghostAt.x - 28, y: ghostAt.y - 8, half: 18 });
  if (proven) taken.push({ x: x(proven.flowCfm) - 28, y: y(proven.tespInWc) + 18, half: 18 });
  const limitY = y(maxTesp.value);
  const limit = limitSpot(limitY, box, taken);
  return (
    <>
      <Defs>
        <ClipPath id={clip}>
          <Rect x={box.left} y={box.top} width={box.right - box.left} height={box.bottom - box.top} />
        </ClipPath>
      </Defs>
      {target && <Band target={target} x={x} box={box} />}
      <Axes scales={scales} box={box} />
      {spread && (
        <G clipPath={`url(#${clip})`}>
          <Path d={spreadPath(spread, scales)} fill={palette.ink} fillOpacity={0.1} />
        </G>
      )}
      {curves.map(({ tap, runs }) => {
        const heavy = tap === live.fan.tap;
        const was = tap === now.fan.tap && !heavy;
        const label = labelPoint(runs);
        return (
          <G key={tap}>
            <Path
              d={fanPath(runs, scales)}
              fill="none"
              stroke={palette.ink}
              strokeOpacity={heavy ? 1 : was ? 0.45 : 0.4}
              strokeWidth={heavy ? 3.5 : was ? 3 : 1.2}
            />
            {label && (
              <Label x={x(label.flowCfm) - 4} y={y(label.staticInWc) - 6} bold={heavy} anchor="middle">
                {curveLabel(now, tap)}
              </Label>
            )}
          </G>
        );
      })}
      <Line
        x1={box.left}
        x2={box.right}
        y1={limitY}
        y2={limitY}
        stroke={palette.action}
        strokeWidth={2}
        strokeDasharray="7 5"
      />
      <Label x={limit.x} y={limit.y} bold color={palette.action} anchor={limit.anchor}>
        {maxTesp.source === 'nameplate' ? 'plate' : 'assumed'} {staticText(maxTesp.value)}
      </Label>
      {bent && <Path d={path(now)} fill="none" stroke={palette.supply} strokeWidth={2} strokeDasharray="3 5" />}
      <Path d={path(live)} fill="none" stroke={palette.supply} strokeWidth={3} />
      {ghost && <GhostMark {...ghostAt} />}
      <CrossingMark
        {...place}
        found={found}
        clip={clip}
        spread={
          sigma && {
            x: Math.abs(x(shownPoint.flowCfm + sigma.flowCfm) - place.x),
            y: Math.abs(y(sigma.staticInWc) - y(0)),
          }
        }
      />
      {proven && <ReadMark x={x(proven.flowCfm)} y={y(proven.tespInWc)} />}
      <Label x={place.x + (labelLeft ? -14 : 14)} y={place.y - 12} size={16} bold anchor={labelLeft ? 'end' : 'start'}>
        {found ? `${flowWords(shownPoint.flowCfm)}` : 'off the table'}
      </Label>
    </>
  );
}
