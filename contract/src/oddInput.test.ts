import { BlowerTableDto, check, ReadingDto, SiteDto, UnitDto, VisitDto } from '.';
import { plainShop, ShopDto } from './fix';
import { PhotoDto } from './photo';
import { errorsOf } from './testing/errorsOf';

const ID = '0b5c2d1e-0000-4000-8000-000000000001';
const site = (more: object) => ({ id: ID, name: 'Lantern Quay', altitudeFt: 620, ...more });
const unit = (more: object) => ({
  id: ID,
  siteId: ID,
  name: 'Roof 1',
  layout: 'airHandler',
  motor: 'psc',
  cfmPerTon: 400,
  ...more,
});
const sheave = (more: object) => ({
  id: ID,
  name: 'Adjustable',
  fits: 'motor',
  pitchIn: 2.8,
  mostPitchIn: 3.8,
  turns: 5,
  grooves: 1,
  onTruck: true,
  cost: 40,
  ...more,
});
const shop = (more: object) => ({ ...plainShop(ID), ...more });
const visit = (more: object) => ({
  ...unit({}),
  title: 'Roof 1',
  mode: 'cooling',
  startedAt: '2026-05-12T10:00:00Z',
  readings: [],
  facts: [],
  ...more,
});
const table = (more: object) => ({
  id: ID,
  name: 'Wren 36',
  motor: 'psc',
  staticsInWc: [0.1, 0.2],
  taps: [{ tap: '1', flowsCfm: [900, 800] }],
  ...more,
});

test('what is typed is kept trimmed and composed', () => {
  const checked = check(SiteDto, site({ name: '  Cafe\u0301 roof ', address: ' 4 Tern Row ' }));
  expect(checked).toMatchObject({ ok: true, value: { name: 'Café roof', address: '4 Tern Row' } });
  const plate = check(UnitDto, unit({ plate: { model: ' WR-36 ' } }));
  expect(plate).toMatchObject({ ok: true, value: { plate: { model: 'WR-36' } } });
});

test('sound ones pass', () => {
  expect(errorsOf(ShopDto, shop({ sheaves: [sheave({}), sheave({ mostPitchIn: null, turns: null })] }))).toEqual([]);
  expect(errorsOf(UnitDto, unit({ setup: { riseMinF: 35, riseMaxF: 65 } }))).toEqual([]);
  expect(errorsOf(BlowerTableDto, table({}))).toEqual([]);
});

describe('what was taken once and must not be', () => {
  test.each<[string, new () => object, object, string]>([
    ['a name of nothing seen', SiteDto, site({ name: '\u200b\u2060' }), 'name'],
    ['a name that turns the text', SiteDto, site({ name: '\u202Egnp.exe' }), 'name'],
    ['a note with a control', SiteDto, site({ accessNotes: 'key\u0007' }), 'accessNotes'],
    ['a nest without end', SiteDto, site({ address: JSON.parse(`${'['.repeat(3000)}${']'.repeat(3000)}`) }), ''],
    ['a nameplate with a control', UnitDto, unit({ plate: { model: 'WR\u0000' } }), ''],
    ['a nameplate that shows nothing', UnitDto, unit({ plate: { serial: '\u2800' } }), 'plate'],
    ['closed smaller than open', ShopDto, shop({ sheaves: [sheave({ mostPitchIn: 2.1 })] }), 'sheaves[0].mostPitchIn'],
    ['adjustable without turns', ShopDto, shop({ sheaves: [sheave({ turns: null })] }), 'sheaves[0].mostPitchIn'],
    ['one and a half grooves', ShopDto, shop({ sheaves: [sheave({ grooves: 1.5 })] }), 'sheaves[0].grooves'],
    ['a rise from 140 to 10', UnitDto, unit({ setup: { riseMinF: 140, riseMaxF: 10 } }), 'setup.riseMaxF'],
    ['half a filter', UnitDto, unit({ setup: { filterCount: 1.5 } }), 'setup.filterCount'],
    [
      'a proven airflow below zero',
      UnitDto,
      unit({ setup: { proven: { flowCfm: -900, tespInWc: 0.5, tap: '3' } } }),
      'setup.proven.flowCfm',
    ],
    ['a table by RPM without figures', BlowerTableDto, table({ byRpm: { flowsCfm: 7, rpm: {}, bhp: 'x' } }), 'byRpm'],
    ['a list within the readings', VisitDto, visit({ readings: [[]] }), 'readings'],
    ['a list within the facts', VisitDto, visit({ facts: [[]] }), 'facts'],
    ['a reading without conditions', ReadingDto, { conditions: null }, 'conditions'],
    ['a list for a setup', UnitDto, unit({ setup: [] }), 'setup'],
    ['a field by birth', SiteDto, JSON.parse('{"__proto__": {"a": 1}}') as object, ''],
    ['a field of that name within', UnitDto, unit({ plate: { toString: 1 } }), 'plate'],
    ['a list within the taps', BlowerTableDto, table({ taps: [[]] }), 'taps'],
    ['a table without taps', BlowerTableDto, table({ taps: [] }), 'taps'],
    ['a week date', SiteDto, site({ archivedAt: '2026-W20-3T10:00:00Z' }), 'archivedAt'],
    ['the 30th of February', SiteDto, site({ archivedAt: '2026-02-30T10:00:00Z' }), 'archivedAt'],
    ['a zone of a day', SiteDto, site({ archivedAt: '2026-05-12T10:00:00+24:00' }), 'archivedAt'],
    ['the end of time', SiteDto, site({ archivedAt: '9999-12-31T23:59:59-14:00' }), 'archivedAt'],
    [
      'a photo of nothing known',
      PhotoDto,
      { id: ID, visitId: ID, item: 'the moon', savedAt: '2026-05-12T10:00:00Z' },
      'item',
    ],
    ['a photo of nothing', PhotoDto, { id: ID, item: 'plate', savedAt: '2026-05-12T10:00:00Z' }, 'id'],
    [
      'a photo of two records',
      PhotoDto,
      { id: ID, unitId: ID, blowerTableId: ID, item: 'plate', savedAt: '2026-05-12T10:00:00Z' },
      'id',
    ],
  ])('%s', (_what, Class, plain, field) => {
    const error = errorsOf(Class, plain).find((one) => one.field.startsWith(field));
    expect(error?.message).toMatch(/^[A-Z].{8,}\.$/);
  });
});

test('a record of thousands of unknown fields, or of millions of values, is refused before anything walks it', () => {
  const names = Object.fromEntries(Array.from({ length: 70_000 }, (_, i) => [`n${i}`, 1]));
  expect(errorsOf(SiteDto, site(names))).toEqual([
    { field: '', message: 'This has 70003 fields; a record has at most 300.' },
  ]);
  expect(errorsOf(VisitDto, visit({ setup: names }))[0]?.message).toContain('at most 300');
  const values = Array.from({ length: 450_000 }, () => 1);
  expect(errorsOf(VisitDto, visit({ readings: values }))[0]?.message).toContain('larger than any record');
});
