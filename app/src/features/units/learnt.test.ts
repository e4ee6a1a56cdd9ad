import type { UnitDto } from '@huff/contract';
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

  test('another table', () => {
    expect(learntAt(measured(), { ...unit, blowerTableId: null })).toMatchObject({
      words: ['blower table'],
      unit: { blowerTableId: TABLE.id },
    });
  });
});
