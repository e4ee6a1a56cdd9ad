import { readFileSync } from 'node:fs';
import path from 'node:path';
import { coldWeatherFindings, fanCyclingPsig } from './coldWeather';
import { gateOf, type GateFacts } from './gate';
import { readLadder, type Ladder } from './ladder';
import { outdoorSide } from './outdoorSide';
import { rankPatterns, type PatternFacts } from './rankPatterns';
import { REFRIGERANTS, type RefrigerantId } from './refrigerants';
import { isOff, saturationPsia, saturationTempF } from './saturation';
import { SATURATION } from './saturationTable';
import { chartAsks, chartFault, orificeSuperheatF } from './targets';

const rows = readFileSync(path.join(__dirname, '../../../data/refrigerant-saturation.csv'), 'utf8')
  .split('\n')
  .filter((line) => /^R-/.test(line))
  .map((line) => line.split(','));

describe('saturation', () => {
  test('the list core carries is the file it was made from', () => {
    const carried = REFRIGERANTS.flatMap((id) => SATURATION[id].map((row) => [id, ...row].join()));
    expect(carried.sort()).toEqual(rows.map(([id, ...figures]) => [id, ...figures.map(Number)].join()).sort());
  });

  test.each(REFRIGERANTS)('%s: a row left out is met by its neighbours within 0.03 °F', (id) => {
    const table = SATURATION[id];
    for (let i = 1; i < table.length - 1; i += 1) {
      const [temp, , dew] = table[i]!;
      const [below, above] = [table[i - 1]!, table[i + 1]!];
      const inverse = (t: number) => 1 / (t + 459.67);
      const share = Math.log(dew / below[2]) / Math.log(above[2] / below[2]);
      const met = 1 / (inverse(below[0]) + share * (inverse(above[0]) - inverse(below[0]))) - 459.67;
      expect(Math.abs(met - temp)).toBeLessThan(0.03);
    }
  });

  test.each(REFRIGERANTS)('%s: pressure and temperature lead back to each other, and never beyond the table', (id) => {
    for (const temp of [-30.3, 0, 41.7, 99, 120.5])
      for (const phase of ['dew', 'bubble'] as const)
        expect(saturationTempF(id, saturationPsia(id, temp, phase)!, phase)).toBeCloseTo(temp, 6);
    const below = saturationTempF(id, 1, 'dew');
    expect(isOff(below) && below.sentence).toMatch(/below the saturation table/);
    const above = saturationTempF(id, 2000, 'bubble');
    expect(isOff(above) && above.side).toBe('above');
    expect(saturationPsia(id, 400, 'dew')).toBeUndefined();
    expect(isOff(saturationTempF(id, NaN, 'dew'))).toBe(true);
  });
});

describe('what is asked', () => {
  test('fixed orifice by wet bulb and outdoors, within its range', () => {
    expect(orificeSuperheatF(67, 95)).toBe(13);
    expect(orificeSuperheatF(62, 105)).toBeUndefined();
    expect(orificeSuperheatF(40, 80)).toBeUndefined();
  });
  test('a chart between its rows, never beyond; rows out of order are named', () => {
    const chart = [
      { outdoorF: 75, askedF: 12 },
      { outdoorF: 95, askedF: 8 },
    ];
    expect(chartAsks(chart, 85)).toBe(10);
    expect(chartAsks(chart, 75)).toBe(12);
    expect(chartAsks(chart, 96)).toBeUndefined();
    expect(chartAsks(chart, 60)).toBeUndefined();
    expect(chartFault([75, 65], [8, 9])).toBe('Row 2 of the chart is out of order: 65 °F after 75 °F.');
    expect(chartFault([75], [])).toMatch(/Each row needs both/);
  });
});

/** Readings that put a circuit at given temperatures. */
function readings(
  id: RefrigerantId,
  {
    dew,
    bubble,
    sh,
    sc,
    outdoor = 95,
    ret = 75,
  }: Record<'dew' | 'bubble' | 'sh' | 'sc', number> & { outdoor?: number; ret?: number },
  more: object = {},
) {
  return {
    circuit: '1',
    refrigerant: id,
    metering: 'valve',
    highPort: 'liquid',
    suctionPsig: saturationPsia(id, dew, 'dew')! - 14.696,
    highPsig: saturationPsia(id, bubble, 'bubble')! - 14.696,
    suctionLineF: dew + sh,
    liquidLineF: bubble - sc,
    outdoorF: outdoor,
    returnF: ret,
    returnWetBulbF: 62.5,
    ...more,
  };
}
const ladderOf = (raw: object, altitudeFt = 0): Ladder => {
  const read = readLadder(raw as never, altitudeFt);
  if (!read.ok) throw new Error(read.errors[0]!.message);
  return read.ladder;
};

describe('the ladder', () => {
  const sound = { dew: 42, bubble: 113, sh: 10, sc: 11 };
  test.each(REFRIGERANTS)('%s: gaps are what they were made of', (id) => {
    const { gaps, pressureRatio } = ladderOf(readings(id, sound));
    const values = [...gaps.values()].map(({ id: gap, valueF }) => [gap, Math.round(valueF)]);
    expect(values).toEqual([
      ['superheat', 10],
      ['subcooling', 11],
      ['approach', 7],
      ['condensingOver', 18],
      ['returnMinusDew', 33],
    ]);
    expect(pressureRatio).toBeGreaterThan(2);
  });

  test('gauges read over the site’s barometer: on a height the same gauge is a colder coil', () => {
    const raw = readings('R-410A', sound);
    const dew = (altitude: number) => ladderOf(raw, altitude).marks.get('dew')!.tempF;
    expect(dew(5000)).toBeLessThan(dew(0) - 0.5);
  });

  test('nameplate before chart’s absence, chart before nameplate, relation for an orifice: each says where it is from', () => {
    const asked = (more: object, gap: 'subcooling' | 'superheat' = 'subcooling') =>
      ladderOf(readings('R-410A', sound, more)).gaps.get(gap)!.asked!;
    expect(asked({ plateSubcoolingF: 8.4 })).toMatchObject({ source: 'nameplate', words: 'the nameplate' });
    expect(asked({ plateSubcoolingF: 8.4, chartOutdoorF: [75, 105], chartAskedF: [12, 6] })).toMatchObject({
      low: 5,
      high: 11,
    });
    expect(asked({})).toMatchObject({ source: 'ruleOfThumb' });
    expect(asked({ metering: 'orifice', returnWetBulbF: 67 }, 'superheat')).toMatchObject({ low: 10, high: 16 });
    const hot = ladderOf(readings('R-410A', sound, { metering: 'orifice', returnWetBulbF: 55 })).gaps.get('superheat')!;
    expect([hot.word, hot.asked]).toEqual(['cantSay', undefined]);
  });

  test('the discharge port is said at what it makes too large', () => {
    const { gaps } = ladderOf(readings('R-410A', sound, { highPort: 'discharge' }));
    expect(gaps.get('subcooling')!.note).toMatch(/discharge port/);
    expect(gaps.get('approach')!.note).toBeUndefined();
  });

  test.each([
    [{ suctionPsig: 300, highPsig: 120 }, 'suctionPsig', /hoses swapped/],
    [{ returnWetBulbF: 80 }, 'returnWetBulbF', /swapped/],
    [{ liquidLineF: 70 }, 'liquidLineF', /colder than the air outdoors/],
    [{ suctionLineF: 30 }, 'suctionLineF', /colder than evaporating/],
    [{ suctionPsig: -13 }, 'suctionPsig', /below the saturation table/],
    [{ chartOutdoorF: [95, 75], chartAskedF: [8, 12] }, 'chartOutdoorF', /out of order/],
  ])('%j is asked about at its field', (more, field, words) => {
    const question = ladderOf(readings('R-410A', sound, more)).questions.find((one) => one.field === field);
    expect(question?.message).toMatch(words);
  });

  test('a pressure without its refrigerant is no temperature: it is requested, none is taken', () => {
    const { marks, questions } = ladderOf({ ...readings('R-410A', sound), refrigerant: undefined });
    expect([marks.has('dew'), marks.has('bubble')]).toEqual([false, false]);
    expect(questions[0]).toMatchObject({
      field: 'refrigerant',
      message: expect.stringMatching(/^Enter the refrigerant/),
    });
  });

  test('what cannot be read is refused, and a pressure under vacuum', () => {
    expect(readLadder({ suctionPsig: -20 })).toMatchObject({ ok: false, errors: [{ field: 'suctionPsig' }] });
    expect(readLadder({ refrigerant: 'R-999' })).toMatchObject({ ok: false, errors: [{ field: 'refrigerant' }] });
  });

  test('drier, distributor, legs and the scale say what they say', () => {
    const { notes } = ladderOf(
      readings('R-410A', sound, {
        drierInF: 98,
        drierOutF: 92,
        distributorF: [44, 46, 33],
        legAmps: [8.4, 8.9, 9.3],
        plateAmps: 9,
        weighedOz: [12, -3],
        plateChargeOz: 90,
      }),
    );
    expect(notes.map(({ word }) => word)).toEqual(['outside', 'outside', 'inside', 'outside', 'inside']);
    expect(notes[1]!.sentence).toMatch(/13 °F apart\. Check charge, blockage/);
    expect(notes[4]!.sentence).toBe('Weighed in so far: +9 oz, 10 % of the nameplate 90 oz.');
  });
});

// The steady model's cases: metering, saturations, superheat, subcooling; outdoors 95, return 75.
const CASES: readonly (readonly [string, 'orifice' | 'valve', number, number, number, number])[] = [
  ['sound', 'valve', 42, 113, 10, 11],
  ['sound', 'orifice', 42, 113, 8, 10],
  ['lowCharge', 'valve', 40, 110, 23, 0],
  ['lowCharge', 'orifice', 37, 111, 31, 6],
  ['overcharge', 'valve', 42, 119, 10, 22],
  ['dirtyOutdoor', 'orifice', 45, 129, 0, 8],
  ['dirtyOutdoor', 'valve', 43, 132, 10, 22],
  ['metering', 'valve', 31, 116, 40, 20],
  ['metering', 'orifice', 29, 116, 42, 20],
  ['overfeeding', 'orifice', 45, 111, 0, 0],
];

test.each(CASES)(
  '%s, %s: the pattern is the likeliest, with what speaks for it',
  (id, metering, dew, bubble, sh, sc) => {
    const ladder = ladderOf(readings('R-410A', { dew, bubble, sh, sc }, { metering, returnWetBulbF: undefined }));
    const { ranked, read } = rankPatterns(ladder);
    expect(read).toBe(5);
    expect(ranked[0]!.pattern.id).toBe(id);
    expect(ranked[0]!.evidence.filter(({ speaks }) => speaks === 'for').length).toBeGreaterThanOrEqual(4);
    expect(ranked.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
  },
);

test('superheat alone names nothing sure, and says which gap would part the two likeliest', () => {
  const raw = readings('R-410A', { dew: 33, bubble: 110, sh: 33, sc: 0 });
  const alone = { ...raw, highPsig: undefined, liquidLineF: undefined, outdoorF: undefined, returnF: undefined };
  const { ranked, settle, read } = rankPatterns(ladderOf(alone));
  expect(read).toBe(1);
  expect(ranked[0]!.share).toBeLessThan(0.9);
  expect(settle).toBe('subcooling');
});

describe('what a pattern may be named', () => {
  const rank = (figures: Parameters<typeof readings>[1], more: object = {}, facts: PatternFacts = {}) =>
    rankPatterns(ladderOf(readings('R-410A', figures, { returnWetBulbF: undefined, ...more })), facts);
  const shareOf = (found: ReturnType<typeof rankPatterns>, id: string) =>
    found.ranked.find(({ pattern }) => pattern.id === id)!.share;

  test('with every gap in range no fault is named', () => {
    const { named, ranked } = rank({ dew: 42, bubble: 113, sh: 10, sc: 11 });
    expect(named?.pattern.id ?? 'sound').toBe('sound');
    expect(ranked[0]!.pattern.id).toBe('sound');
  });

  test('with the nameplate’s target missed beyond its error, sound is at most even and is not named', () => {
    const found = rank({ dew: 42, bubble: 113, sh: 10, sc: 11 }, { plateSubcoolingF: 16 });
    expect(shareOf(found, 'sound')).toBeLessThanOrEqual(0.5);
    expect(found.named?.pattern.id).not.toBe('sound');
    expect(found.ranked.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
  });

  test.each([
    [0.5, 41, 111.5, 17, 5],
    [1, 40, 110, 23, 0],
    [2, 35, 109.5, 31, 0],
  ])('low charge is a continuum: at %d times the slightest it is not passed over', (times, dew, bubble, sh, sc) => {
    const found = rank({ dew, bubble, sh, sc });
    const sound = shareOf(found, 'sound');
    const low = found.ranked.filter(({ pattern }) => pattern.id === 'lowCharge' || pattern.of?.includes('lowCharge'));
    // Half of the slightest lies inside the spread of sound circuits: it is likely, and sound is not said.
    expect(low.reduce((sum, { share }) => sum + share, 0)).toBeGreaterThan(times < 1 ? 0.4 : Math.max(0.4, sound));
    expect(found.named?.pattern.id).not.toBe('sound');
  });

  test('a dirty outdoor coil and low charge at once are ranked together', () => {
    // High head of the coil, no subcooling of the charge.
    const found = rank({ dew: 40, bubble: 124, sh: 24, sc: 1 });
    expect(found.ranked.slice(0, 3).map(({ pattern }) => pattern.id)).toContain('dirtyOutdoor+lowCharge');
  });

  test('least harm first: a look and a wash before anything is recovered', () => {
    const over = { dew: 42, bubble: 119, sh: 10, sc: 22 };
    expect(rank(over).first).toMatch(/outdoor coil, wash it.*Recover nothing before that/);
    expect(rank(over, {}, { outdoorClean: true }).first ?? '').not.toMatch(/wash/);
  });

  test('a drier that drops more than 3 °F is named, one that drops less is not', () => {
    const gaps = { dew: 33, bubble: 114, sh: 34, sc: 16 };
    expect(rank(gaps, {}, { drierDropF: 6 }).named?.pattern.id).toBe('drier');
    expect(shareOf(rank(gaps, {}, { drierDropF: 1 }), 'drier')).toBeLessThan(0.01);
  });

  test('charge that was moved and changed nothing names the metering device', () => {
    const gaps = { dew: 38, bubble: 113, sh: 22, sc: 9 };
    const [before, after] = [rank(gaps), rank(gaps, {}, { chargeMovedNothing: true })];
    expect(shareOf(after, 'metering')).toBeGreaterThan(shareOf(before, 'metering'));
    expect(shareOf(after, 'lowCharge')).toBeLessThan(shareOf(before, 'lowCharge'));
  });

  test('the discharge port’s own drop is taken off, and leaves less sure', () => {
    const gaps = { dew: 42, bubble: 119, sh: 10, sc: 22 };
    const [liquid, discharge] = [rank(gaps), rank(gaps, { highPort: 'discharge' })];
    const read = (found: typeof liquid) => found.ranked[0]!.evidence.find(({ id }) => id === 'subcooling')!.readF;
    expect(read(discharge)).toBeCloseTo(read(liquid) - 4, 6);
    expect(shareOf(discharge, 'overcharge')).toBeLessThan(shareOf(liquid, 'overcharge'));
  });
});

test('gauges of a compressor at rest are asked about', () => {
  const { questions } = ladderOf({
    ...readings('R-410A', { dew: 42, bubble: 113, sh: 10, sc: 11 }),
    suctionPsig: 180,
    highPsig: 185,
  });
  expect(questions[0]!.message).toMatch(/almost equal\. Is the compressor running/);
});

describe('the gate', () => {
  const open: GateFacts = {
    airflow: 'inside',
    filterIn: true,
    doorsOn: true,
    ice: 'none',
    minutesRunning: 16,
    returnF: 74,
  };
  test('outdoors is open where it is warm, or where the head is held up and said so', () => {
    expect(gateOf({ ...open, outdoorF: 80 }).every(({ isOpen }) => isOpen)).toBe(true);
    expect(gateOf({ ...open, outdoorF: 50, headHeld: true }).every(({ isOpen }) => isOpen)).toBe(true);
  });
  test('opens when all holds', () => {
    expect(gateOf(open).every(({ isOpen }) => isOpen)).toBe(true);
  });
  test.each([
    [{ airflow: 'outside' }, 'air', /Fix that first/],
    [{ airflow: 'cantSay' }, 'air', /too uncertain/],
    [{ filterIn: false }, 'filter', /Install the filter/],
    [{ doorsOn: false }, 'doors', /Put the doors on/],
    [{ coilFace: 'matted' }, 'coilFace', /Clean it, then judge/],
    [{ ice: 'coil' }, 'ice', /run the fan about 45 minutes/],
    [{ minutesRunning: 4 }, 'minutes', /10 to 15/],
    [{ returnF: 90 }, 'return', /68 and 85/],
    [{ mode: 'heating' }, 'mode', /heating chart, or by weight/],
    [{ stage: 'low' }, 'stage', /high stage/],
    [{ outdoorF: 58 }, 'outdoor', /Hold head pressure up/],
  ] as const)('%j shuts it, with the reason', (facts, id, words) => {
    const shut = gateOf({ ...open, ...facts }).filter(({ isOpen }) => !isOpen);
    expect(shut).toHaveLength(1);
    expect([shut[0]!.id, shut[0]!.why]).toEqual([id, expect.stringMatching(words)]);
  });
  const cantSay: GateFacts = { ...open, airflow: 'cantSay' };
  test.each([
    ['a traverse of 400 per ton ± 12 %', { share: 0.12, ofTarget: 1, tesp: 'cantSay' }, /± 12 %/],
    ['static in range and a drop of 20 °F', { tesp: 'inside', dropF: 20 }, /± 20 %/],
  ] as const)('%s lets the gauges be judged unsure', (_, air, words) => {
    const lines = gateOf({ ...cantSay, air });
    expect(lines.every(({ isOpen }) => isOpen)).toBe(true);
    expect(lines.filter(({ isUnsure }) => isUnsure)).toMatchObject([{ id: 'air', why: expect.stringMatching(words) }]);
  });
  test.each([
    ['an airflow known to ± 25 %', { share: 0.25, ofTarget: 1, tesp: 'cantSay' }],
    ['an airflow far from its target', { share: 0.1, ofTarget: 0.6, tesp: 'inside' }],
    ['a drop that no sound coil has', { tesp: 'inside', dropF: 27 }],
    ['static over its limit', { tesp: 'outside', dropF: 20 }],
  ] as const)('%s stays shut', (_, air) => {
    expect(gateOf({ ...cantSay, air }).filter(({ isOpen }) => !isOpen)).toMatchObject([{ id: 'air' }]);
  });
  test('what nobody said of filter and doors is unsure, not shut', () => {
    const lines = gateOf({ ...open, filterIn: undefined, doorsOn: undefined });
    expect(lines.filter(({ isUnsure }) => isUnsure).map(({ id }) => id)).toEqual(['filter', 'doors']);
  });
});

describe('air known to a share of itself', () => {
  const short = readings('R-410A', { dew: 36, bubble: 111, sh: 24, sc: 2 });
  test('carries its doubt into the patterns: the same readings name the same thing, less surely', () => {
    const ladder = ladderOf(short);
    const share = (id: string, airShare?: number) =>
      rankPatterns(ladder, airShare === undefined ? { airInBand: true } : { airShare }).ranked.find(
        ({ pattern }) => pattern.id === id,
      )!.share;
    expect(share('lowCharge')).toBeGreaterThan(0.5);
    expect(share('lowCharge', 0.2)).toBeLessThan(share('lowCharge'));
    expect(share('lowAir+lowCharge', 0.2)).toBeGreaterThan(share('lowAir+lowCharge'));
  });
});

test('the outdoor side is told by itself: high head stands, whatever the indoor air does', () => {
  const high = ladderOf({ ...readings('R-410A', { dew: 45, bubble: 130, sh: 10, sc: 12 }), outdoorF: 90 });
  expect(outdoorSide(high, false).map(({ id, word }) => [id, word])).toEqual([
    ['condensingOver', 'outside'],
    ['approach', 'outside'],
  ]);
  expect(outdoorSide(high, true)).toEqual([]);
  const usual = ladderOf({ ...readings('R-410A', { dew: 42, bubble: 113, sh: 10, sc: 11 }), outdoorF: 95 });
  expect(outdoorSide(usual, false).map(({ word }) => word)).toEqual(['inside', 'inside']);
});

describe('cold weather', () => {
  test('set points come as pressures of the refrigerant', () => {
    const set = fanCyclingPsig('R-410A')!;
    expect(saturationTempF('R-410A', set.cutOutPsig + 14.696, 'bubble')).toBeCloseTo(90, 2);
    expect(saturationTempF('R-410A', set.cutInPsig + 14.696, 'bubble')).toBeCloseTo(110, 2);
  });
  test('a control that never cycles, one that short-cycles, one that cycles in the warm', () => {
    expect(coldWeatherFindings({ outdoorF: 48, condensingF: 60, fanCycles: false })[0]).toMatch(/failed or is missing/);
    expect(coldWeatherFindings({ outdoorF: 48, cutOutF: 92, cutInF: 96 })[0]).toMatch(/short-cycle/);
    expect(coldWeatherFindings({ outdoorF: 82, fanCycles: true })[0]).toMatch(/should not/);
    expect(coldWeatherFindings({ outdoorF: 48, condensingF: 95, fanCycles: true })).toEqual([]);
  });
});
