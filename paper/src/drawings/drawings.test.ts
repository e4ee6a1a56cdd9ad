import { assess } from '@huff/contract';
import { layoutOf, type BeltDrive } from '@huff/core';
import { readLadder } from '@huff/core/call';
import { exampleA, static_ } from '../testing/visit';
import { airwayDrawing } from './airwayDrawing';
import { crossingDrawing } from './crossingDrawing';
import { driveDrawing } from './driveDrawing';
import { ladderDrawing } from './ladderDrawing';

const stateOf = (visit = exampleA()) => {
  const assessment = assess(visit);
  return { ...assessment, stretches: assessment.judgement.stretches };
};
/** Every place that a drawing names, as numbers. */
const numbersOf = (markup: string) =>
  [...markup.matchAll(/ (?:x|y|x1|x2|y1|y2|cx|cy)="([^"]*)"/g)].map(([, at]) => Number(at));
const after = () => stateOf(exampleA({ readings: [static_('R1', -0.12), static_('R2', -0.17), static_('S1', 0.27)] }));

describe('airway', () => {
  test('before is dashed and stands beside now, row by row', () => {
    const now = after();
    const { says, markup } = airwayDrawing({ layout: now.layout, now, before: stateOf() });
    expect(says).toMatch(/Return duct 0\.12, before 0\.16; Filter 0\.05, before 0\.15/);
    expect(markup.match(/<polyline [^>]*stroke-dasharray/g)).toHaveLength(1);
    expect(airwayDrawing({ layout: now.layout, now }).markup).not.toContain('<polyline');
  });
  test.each([330, 580])('at %d px every figure lies on the paper', (width) => {
    const now = after();
    const { markup, height } = airwayDrawing({ layout: now.layout, now, before: stateOf(), width });
    for (const [, x, y] of markup.matchAll(/<text x="([^"]+)" y="([^"]+)"/g)) {
      expect(Number(x)).toBeGreaterThanOrEqual(0);
      expect(Number(x)).toBeLessThanOrEqual(width);
      expect(Number(y)).toBeLessThanOrEqual(height);
    }
  });
  test('nothing read is drawn as nothing, without a figure that is none', () => {
    const now = stateOf(exampleA({ readings: [] }));
    const { says, markup } = airwayDrawing({ layout: layoutOf({ layout: 'airHandler' }), now });
    expect(says).toMatch(/no pressure read/);
    for (const at of numbersOf(markup)) expect(at).not.toBeNaN();
  });
});

describe('crossing', () => {
  const { system } = stateOf().model!;
  const maxTesp = { value: 0.5, source: 'nameplate' } as const;
  test('says where fan and path meet, and what was read again', () => {
    const proven = { flowCfm: 1010, tespInWc: 0.44 };
    expect(crossingDrawing({ now: system, maxTesp }).says).toMatch(/^As found \d+ CFM at 0\.58/);
    expect(crossingDrawing({ now: system, then: system, maxTesp, proven }).says).toMatch(
      /^After the work .* Read again: 1,010 CFM at 0\.44\.$/,
    );
  });
  test('the plate’s limit is named as the plate’s, a usual one as assumed', () => {
    expect(crossingDrawing({ now: system, maxTesp }).markup).toContain('plate 0.50');
    expect(crossingDrawing({ now: system, maxTesp: { value: 0.5, source: 'ruleOfThumb' } }).markup).toContain(
      'assumed 0.50',
    );
  });
  test('curves, band and points lie inside the paper', () => {
    const target = { flowCfm: 1200, lowCfm: 1080, highCfm: 1320 };
    const { markup, width, height } = crossingDrawing({ now: system, maxTesp, target });
    expect(markup).not.toMatch(/NaN|Infinity|undefined/);
    for (const at of numbersOf(markup)) expect(at).toBeLessThanOrEqual(Math.max(width, height));
  });
});

describe('ladder', () => {
  const ladderOf = (raw: object) => {
    const read = readLadder({ circuit: '1', refrigerant: 'R-410A', metering: 'valve', ...raw });
    if (!read.ok) throw new Error(JSON.stringify(read.errors));
    return read.ladder;
  };
  test('only what was read is drawn, with what lies between', () => {
    const { says, markup } = ladderDrawing(ladderOf({ suctionPsig: 118, suctionLineF: 64, outdoorF: 88 }));
    expect(says).toMatch(/^Temperatures of circuit 1: outdoors 88, suction 64, dew 40\.$/);
    expect(markup).toContain('superheat, 6 to 14');
    expect(markup).not.toContain('>bubble<');
  });
  test('a circuit at which nothing was read says so', () => {
    expect(ladderDrawing(ladderOf({})).says).toMatch(/nothing read/);
  });
});

describe('drive', () => {
  const drive: BeltDrive = {
    motorRpm: 1745,
    motorSheave: { kind: 'adjustable', leastPitchIn: 2.8, mostPitchIn: 3.8, turns: 5, grooves: 1 },
    turnsOpen: 2.5,
    blowerSheave: { kind: 'fixed', pitchIn: 7, grooves: 1 },
    beltMark: 'A48',
    leastCentresIn: 15.2,
    mostCentresIn: 17.4,
  };
  test('is to scale: the circles stand in the ratio of the pitch diameters', () => {
    const { markup, says, width, height } = driveDrawing({ now: drive })!;
    const radii = [...markup.matchAll(/<circle [^>]*r="([^"]+)" fill="#FFFFFF"/g)].map(([, r]) => Number(r));
    expect(radii[0]! / radii[1]!).toBeCloseTo(7 / 3.3, 1);
    expect(says).toMatch(
      /^Belt drive: blower sheave 7\.00 in\., motor sheave 3\.30 in\., belt A48, centres 16\.46 in\./,
    );
    for (const at of numbersOf(markup)) {
      expect(at).toBeGreaterThanOrEqual(0);
      expect(at).toBeLessThanOrEqual(Math.max(width, height));
    }
  });
  test('as found stands dashed behind only where something was changed', () => {
    expect(driveDrawing({ now: drive, asFound: drive })!.markup).not.toContain('stroke-dasharray');
    const { markup } = driveDrawing({ now: { ...drive, turnsOpen: 1 }, asFound: drive })!;
    expect(markup.match(/stroke-dasharray/g)).toHaveLength(2);
  });
  test('a belt that does not reach, or a mark nobody knows, is not drawn', () => {
    expect(driveDrawing({ now: { ...drive, beltMark: 'A18' } })).toBeUndefined();
    expect(driveDrawing({ now: { ...drive, beltMark: 'Z999' } })).toBeUndefined();
  });
});
