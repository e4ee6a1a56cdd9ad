import { beltOutline, driveScale } from './driveGeometry';

describe('the drive to scale', () => {
  const box = { left: 10, right: 380, top: 60, bottom: 200 };
  const poses = [
    { blowerIn: 7, motorIn: 3.3, centresIn: 16.46 },
    { blowerIn: 7, motorIn: 3.7, centresIn: 16.16 },
  ];
  test('both poses fit in one scale', () => {
    const { perInch, blower } = driveScale(poses, box);
    for (const pose of poses) {
      expect(blower.x - (perInch * pose.blowerIn) / 2).toBeGreaterThanOrEqual(box.left);
      expect(blower.x + perInch * (pose.centresIn + pose.motorIn / 2)).toBeLessThanOrEqual(box.right);
      expect(perInch * pose.blowerIn).toBeLessThanOrEqual(box.bottom - box.top);
    }
  });
  test('the belt touches both sheaves at right angles to its tangent', () => {
    const { perInch, blower } = driveScale(poses, box);
    const [x0, y0, x1, y1] = (
      /^M([\d.]+) ([\d.]+) L([\d.]+) ([\d.]+)/.exec(beltOutline(poses[0]!, blower, perInch)) ?? []
    )
      .slice(1)
      .map(Number) as [number, number, number, number];
    const motorX = blower.x + perInch * 16.46;
    expect(Math.hypot(x0 - blower.x, y0 - blower.y)).toBeCloseTo(perInch * 3.5, 0);
    expect(Math.hypot(x1 - motorX, y1 - blower.y)).toBeCloseTo(perInch * 1.65, 0);
    // The radius stands square on the span.
    expect((x1 - x0) * (x0 - blower.x) + (y1 - y0) * (y0 - blower.y)).toBeLessThan(3);
  });
});
