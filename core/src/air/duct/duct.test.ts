import fc from 'fast-check';
import { ductFriction, equivalentDiameterIn, flexFactor, frictionFactor, roundSizeIn, ROUGHNESS_FT } from './friction';

const reynolds = fc.double({ min: 2400, max: 1e7, noNaN: true });
const rough = fc.double({ min: 0, max: 0.05, noNaN: true });

test('the friction factor solves Colebrook’s equation to 1e-10', () => {
  fc.assert(
    fc.property(reynolds, rough, (re, eps) => {
      const x = 1 / Math.sqrt(frictionFactor(re, eps));
      expect(Math.abs(x + 2 * Math.log10(eps / 3.7 + (2.51 * x) / re))).toBeLessThan(1e-10);
    }),
  );
});

// Moody's chart as tabulated in fluid mechanics textbooks.
test.each([
  [1e5, 0, 0.018],
  [1e5, 0.001, 0.0222],
  [1e6, 0.0001, 0.0134],
  [1000, 0.01, 0.064],
])('f(%p, %p) = %p', (re, eps, f) => expect(frictionFactor(re, eps)).toBeCloseTo(f, 3));

test('1,000 CFM in 14 in. sheet metal, and the sizes of a friction chart', () => {
  const { frictionPer100FtInWc, velocityFpm } = ductFriction(1000, 14, ROUGHNESS_FT.sheetMetal);
  expect(velocityFpm).toBeCloseTo(935.4, 0);
  expect(frictionPer100FtInWc).toBeGreaterThan(0.082);
  expect(frictionPer100FtInWc).toBeLessThan(0.092);
  expect(roundSizeIn(400, 0.1, 900, ROUGHNESS_FT.sheetMetal)).toBe(10);
  expect(roundSizeIn(90_000, 0.05, 900, ROUGHNESS_FT.sheetMetal)).toBeUndefined();
  expect(equivalentDiameterIn(12, 12)).toBeCloseTo(13.1, 1);
  expect(flexFactor(8, 4)).toBeCloseTo(1.85, 2);
});

test('more air, less width or a rougher wall never lose less', () => {
  fc.assert(
    fc.property(fc.double({ min: 50, max: 5000, noNaN: true }), fc.double({ min: 5, max: 30, noNaN: true }), (q, d) => {
      const at = (flow: number, diameter: number, eps: number) =>
        ductFriction(flow, diameter, eps).frictionPer100FtInWc;
      const here = at(q, d, 0.0003);
      if (ductFriction(q, d, 0.0003).reynolds < 2400) return;
      expect(at(q * 1.05, d, 0.0003)).toBeGreaterThan(here);
      expect(at(q, d * 0.95, 0.0003)).toBeGreaterThan(here);
      expect(at(q, d, 0.003)).toBeGreaterThan(here);
    }),
  );
});
