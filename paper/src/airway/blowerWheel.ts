import { circle, path, short, type Role, type Shape } from '../shapes';

const BLADES = Array.from({ length: 12 }, (_, i) => (i * Math.PI) / 6);

/** A forward-curved blower wheel seen from the side. @param r px */
export function blowerWheel(cx: number, cy: number, r: number, color: Role): Shape[] {
  // Each blade is the upright one turned round the hub.
  const blade = (turn: number) => {
    const at = (x: number, y: number) =>
      `${short(cx + r * (x * Math.cos(turn) - y * Math.sin(turn)))} ${short(cy + r * (x * Math.sin(turn) + y * Math.cos(turn)))}`;
    return `M${at(0, -0.48)}Q${at(0.26, -0.6)} ${at(0.18, -0.88)}`;
  };
  return [
    circle(cx, cy, r, { stroke: color, strokeWidth: 1.5 }),
    circle(cx, cy, r * 0.28, { fill: color }),
    path(BLADES.map(blade).join(''), { stroke: color, strokeWidth: 1.5 }),
  ];
}
