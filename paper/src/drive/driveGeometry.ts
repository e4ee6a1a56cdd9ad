/** A pair of sheaves at a centre distance, in. */
export interface DrivePose {
  readonly blowerIn: number;
  readonly motorIn: number;
  readonly centresIn: number;
}

export interface DrawingBox {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** Pixels an inch so that every pose fits, with the blower at the same place in all of them. */
export function driveScale(poses: readonly DrivePose[], box: DrawingBox) {
  const across = Math.max(...poses.map((p) => p.blowerIn / 2 + p.centresIn + p.motorIn / 2)) + 0.6;
  const up = Math.max(...poses.map((p) => Math.max(p.blowerIn, p.motorIn))) + 0.4;
  const perInch = Math.min((box.right - box.left) / across, (box.bottom - box.top) / up);
  const most = Math.max(...poses.map((p) => p.blowerIn)) / 2 + 0.3;
  const used = perInch * across;
  const left = box.left + (box.right - box.left - used) / 2;
  return { perInch, blower: { x: left + perInch * most, y: (box.top + box.bottom) / 2 } };
}

/** The belt round both sheaves as SVG path data: two outer tangents and two arcs. */
export function beltOutline(
  { blowerIn, motorIn, centresIn }: DrivePose,
  blower: { readonly x: number; readonly y: number },
  perInch: number,
): string {
  const [big, small] = [(perInch * blowerIn) / 2, (perInch * motorIn) / 2];
  const apart = perInch * centresIn;
  // The tangents lean by the angle whose sine is the difference of the radii over the centres.
  const lean = Math.asin(Math.min(1, Math.max(-1, (big - small) / apart)));
  const at = (cx: number, r: number, sign: 1 | -1) => ({
    x: cx + r * Math.sin(lean),
    y: blower.y + sign * r * Math.cos(lean),
  });
  const [bt, bb] = [at(blower.x, big, -1), at(blower.x, big, 1)];
  const [mt, mb] = [at(blower.x + apart, small, -1), at(blower.x + apart, small, 1)];
  const point = (p: { x: number; y: number }) => `${p.x.toFixed(2)} ${p.y.toFixed(2)}`;
  const motorLarge = lean < 0 ? 1 : 0;
  return `M${point(bt)} L${point(mt)} A${small.toFixed(2)} ${small.toFixed(2)} 0 ${motorLarge} 1 ${point(mb)} L${point(bb)} A${big.toFixed(2)} ${big.toFixed(2)} 0 ${1 - motorLarge} 1 ${point(bt)} Z`;
}
