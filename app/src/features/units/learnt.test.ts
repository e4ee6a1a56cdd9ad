import type { UnitDto, VisitDto } from '@huff/contract';
import { SETUP_FIELDS } from '@huff/contract/spine';
import { measured, NOW, TABLE } from '../../testing/visits';
import { quickCheck } from '../visitState/newVisit';
import { learntAt, unitFrom } from './learnt';

const id = '33330000-0000-4000-8000-000000000001';
const site = '33330000-0000-4000-8000-000000000091';
const at = { id, siteId: site, name: 'Reading room' };

test('a unit made of a visit has what the visit says, and not what belongs to the site or to the last proof', () => {
  const visit = {
    ...measured(),
    setup: { altitudeFt: 620, filterWidthIn: 20, proven: { flowCfm: 1, tespInWc: 1, tap: '3' } },
  };
  expect(unitFrom(visit, at)).toMatchObject({
    ...at,
    motor: 'constantTorque',
    tons: 3,
    tap: '3',
    maxTespInWc: 0.5,
    blowerTableId: TABLE.id,
    setup: { filterWidthIn: 20, altitudeFt: null, proven: null },
  });
});

describe('what is learnt at a visit', () => {
  const unit: UnitDto = unitFrom(measured(), at);

  test('nothing, when the visit found what the record says', () => {
    expect(learntAt(measured(), unit)).toBeUndefined();
  });

  test('each thing by its name, once, with the unit as it would be', () => {
    const visit = { ...measured(), tap: '4', setup: { filterWidthIn: 20, filterHeightIn: 25 }, plate: { model: 'X' } };
    const learnt = learntAt(visit, unit)!;
    expect(learnt.words).toEqual(['speed', 'nameplate', 'filter']);
    expect(learnt.unit).toMatchObject({
      tap: '4',
      plate: { model: 'X' },
      setup: { filterWidthIn: 20, filterHeightIn: 25 },
    });
  });

  test('what the visit does not say, and what was only taken, takes nothing away', () => {
    const blank = quickCheck(NOW);
    expect(learntAt(blank, { ...unit, motor: 'beltDrive', layout: 'packaged' })).toBeUndefined();
  });

  const typed = {
    filterPlace: 'both',
    filterCount: 2,
    filterWidthIn: 20,
    filterHeightIn: 25,
    moreFilters: [{ count: 1, widthIn: 12, heightIn: 24 }],
    filterMedia: 'oneInchMerv8',
    bareGrilleCollarIn: 14,
    designCfm: 1000,
    lineVolts: 208,
    riseMinF: 30,
    riseMaxF: 60,
    effectiveLengthFt: 240,
    equipment: 'heatPump',
    stages: 2,
    zoning: 'bypass',
    school: 'leftForDucts',
    dropSchool: 'ruleOfThumb',
    drive: { motorRpm: 1745 },
    motorPlate: { plateAmps: 6.8 },
    speeds: { lowTap: '2' },
  } as const;

  test.each(Object.entries(typed))('%s typed at a visit is offered to the unit', (field, value) => {
    const visit = { ...measured(), setup: { [field]: value } } as unknown as VisitDto;
    expect(learntAt(visit, unit)!.unit.setup).toMatchObject({ [field]: value });
  });

  test('every field of a setup is offered, but what belongs to the table, the site or the last proof', () => {
    const others = [
      'tableCoil',
      'tableVolts',
      'tableFilter',
      'tableDryFactor',
      'altitudeFt',
      'proven',
      'unsaid',
      'stage',
    ];
    expect([...Object.keys(typed), ...others].sort()).toEqual(Object.keys(SETUP_FIELDS).sort());
  });

  test('another table', () => {
    expect(learntAt(measured(), { ...unit, blowerTableId: null })).toMatchObject({
      words: ['blower table'],
      unit: { blowerTableId: TABLE.id },
    });
  });
});
