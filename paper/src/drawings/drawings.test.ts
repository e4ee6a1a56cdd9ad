import { assess } from '@huff/contract';
import { layoutOf, type BeltDrive } from '@huff/core';
import { readLadder } from '@huff/core/call';
import { shapesOf, expectOnPaper, wordsOn } from '../testing/drawn';
import { exampleA, static_ } from '../testing/visit';
import { airwayDrawing } from './airwayDrawing';
import { crossingDrawing } from './crossingDrawing';
import { driveDrawing } from './driveDrawing';
import { ladderDrawing } from './ladderDrawing';

const stateOf = (visit = exampleA()) => {
  const assessment = assess(visit);
  return { ...assessment, sections: assessment.judgement.sections };
};
const after = () => stateOf(exampleA({ readings: [static_('R1', -0.12), static_('R2', -0.17), static_('S1', 0.27)] }));

describe('airway', () => {
  test('before is dashed and stands beside now, row by row', () => {
    const now = after();
    const { says, shapes } = airwayDrawing({ layout: now.layout, now, before: stateOf() });
    expect(says).toMatch(/Return duct 0\.12, before 0\.16; Filter 0\.05, before 0\.15/);
    const dashed = (drawn: typeof shapes) => shapesOf(drawn, 'path').filter(({ dash }) => dash);
    expect(dashed(shapes)).toHaveLength(1);
    expect(dashed(airwayDrawing({ layout: now.layout, now }).shapes)).toHaveLength(0);
  });
  test('suction is told from supply without color: it is hatched', () => {
    const now = after();
    const { shapes } = airwayDrawing({ layout: now.layout, now });
    const areas = shapesOf(shapes, 'path').filter(({ fill }) => fill === 'suction' || fill === 'supply');
    expect(new Set(areas.map(({ fill, hatched }) => `${fill} ${hatched ?? false}`))).toEqual(
      new Set(['suction true', 'supply false']),
    );
  });
  test.each([330, 580])('at %d px every figure lies on the paper', (width) => {
    const now = after();
    expectOnPaper(airwayDrawing({ layout: now.layout, now, before: stateOf(), width }));
  });
  test('nothing read is drawn as nothing, without a figure that is none', () => {
    const now = stateOf(exampleA({ readings: [] }));
    const drawing = airwayDrawing({ layout: layoutOf({ layout: 'airHandler' }), now });
    expect(drawing.says).toMatch(/no pressure read/);
    expectOnPaper(drawing);
  });
});

describe('crossing', () => {
  const { system } = stateOf().model!;
  const maxTesp = { value: 0.5, source: 'nameplate' } as const;
  test('says where fan and path meet, and what was read again', () => {
    const proven = { flowCfm: 1010, tespInWc: 0.44 };
    expect(crossingDrawing({ now: system, maxTesp }).says).toMatch(/^As found \d+ CFM at 0\.58/);
    expect(crossingDrawing({ now: system, then: system, maxTesp, proven }).says).toMatch(
      /^After the work .* Re-measured: 1,010 CFM at 0\.44\.$/,
    );
  });
  test('the nameplate’s limit is named as the nameplate’s, a usual one as assumed', () => {
    const limitOn = (source: 'nameplate' | 'ruleOfThumb') =>
      wordsOn(crossingDrawing({ now: system, maxTesp: { value: 0.5, source } })).filter((words) =>
        /0\.50$/.test(words),
      );
    expect([limitOn('nameplate'), limitOn('ruleOfThumb')]).toEqual([['max 0.50'], ['assumed 0.50']]);
  });
  test('curves, band and points lie inside the paper, a point read far over the others too', () => {
    const target = { flowCfm: 1200, lowCfm: 1080, highCfm: 1320 };
    const proven = { flowCfm: 1010, tespInWc: 1.9 };
    const sigma = { flowCfm: 60, staticInWc: 0.02 };
    const drawing = crossingDrawing({ now: system, maxTesp, target, proven, sigma });
    expectOnPaper(drawing);
    expect(wordsOn(drawing)).toEqual(expect.arrayContaining(['target 1,200 CFM ± 10 %', 'read']));
  });
});

describe('ladder', () => {
  const ladderOf = (raw: object) => {
    const read = readLadder({ circuit: '1', refrigerant: 'R-410A', metering: 'valve', ...raw });
    if (!read.ok) throw new Error(JSON.stringify(read.errors));
    return read.ladder;
  };
  test('only what was read is drawn, with what lies between', () => {
    const drawing = ladderDrawing(ladderOf({ suctionPsig: 118, suctionLineF: 64, outdoorF: 88 }));
    expect(drawing.says).toMatch(/^Temperatures of circuit 1: outdoors 88, suction line 64, evaporating 40\.$/);
    expect(wordsOn(drawing)).toEqual(expect.arrayContaining(['superheat', '6 to 14', 'evaporating']));
    expect(wordsOn(drawing)).not.toContain('condensing');
    expectOnPaper(drawing);
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
    const drawing = driveDrawing({ now: drive })!;
    const sheaves = shapesOf(drawing.shapes, 'ellipse').filter(({ fill }) => fill === 'sheet');
    expect(sheaves[0]!.rx / sheaves[1]!.rx).toBeCloseTo(7 / 3.3, 1);
    expect(drawing.says).toMatch(
      /^Belt drive: blower sheave 7\.00 in\., motor sheave 3\.30 in\., belt A48, centers 16\.46 in\./,
    );
    expectOnPaper(drawing);
  });
  test('as found stands dashed behind only where something was changed', () => {
    const dashed = (now: BeltDrive) =>
      driveDrawing({ now, asFound: drive })!.shapes.filter((one) => 'dash' in one && one.dash !== undefined);
    expect(dashed(drive)).toHaveLength(0);
    expect(dashed({ ...drive, turnsOpen: 1 })).toHaveLength(2);
  });
  test('a belt that does not reach, or a mark nobody knows, is not drawn', () => {
    expect(driveDrawing({ now: { ...drive, beltMark: 'A18' } })).toBeUndefined();
    expect(driveDrawing({ now: { ...drive, beltMark: 'Z999' } })).toBeUndefined();
  });
});
