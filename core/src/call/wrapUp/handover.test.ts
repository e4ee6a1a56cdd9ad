import fc from 'fast-check';
import { lookItem } from '../../judge/look';
import type { TriageItem } from '../triage/triage';
import { carriedOver, outcomeBefore, type CarriedItem, type SeenNow } from './carried';
import { handOverFaults, handOverOf, isDay } from './handOverForm';
import { SIGNATURE_SIDE, signatureFault, signaturePath, signatureText, strokesOf } from './signature';

const MARK = '100,200 300,400;500,100 520,480';

describe('signature', () => {
  test('what is drawn is read back', () => {
    const point = fc.tuple(fc.integer({ min: 0, max: SIGNATURE_SIDE }), fc.integer({ min: 0, max: SIGNATURE_SIDE }));
    fc.assert(
      fc.property(fc.array(fc.array(point, { minLength: 1 }), { minLength: 1 }), (strokes) => {
        expect(strokesOf(signatureText(strokes))).toEqual(strokes);
      }),
    );
  });
  test.each([
    ['5,5', /dot/],
    ['500,500 510,505', /dot/],
    ['1,2 x', /cannot be read/],
    ['', /cannot be read/],
    ['1,2000 4,9', /cannot be read/],
    [`${'1,1 '.repeat(2000)}9,9`, /too long/],
    [7, /too long/],
    ['<script>', /cannot be read/],
  ])('%j is no mark', (text, words) => expect(signatureFault(text)).toMatch(words));
  test('a mark is drawn in its box', () => {
    expect(signatureFault(MARK)).toBeUndefined();
    expect(signaturePath(strokesOf(MARK)!, 200, 100)).toBe('M20.0 20.0 L60.0 40.0 M100.0 10.0 L104.0 48.0');
  });
});

describe('hand over', () => {
  test.each([
    ['2026-12-08', true],
    ['2028-02-29', true],
    ['2026-02-29', false],
    ['2026-13-01', false],
    ['8.12.2026', false],
    ['1999-01-01', false],
  ])('%s is a day: %p', (text, is) => expect(isDay(text)).toBe(is));
  test('what is wrong is said at its field', () => {
    expect(handOverFaults({ returnOn: 'soon' })).toEqual([
      { field: 'returnOn', message: 'Enter the day as 2026-12-08: year, month, day.' },
    ]);
    expect(handOverFaults({ signature: '3,3' })[0]?.field).toBe('signature');
    expect(handOverFaults({ ownerName: 'x'.repeat(81) })[0]?.field).toBe('ownerName');
    expect(handOverOf({ signature: '3,3' })).toBeUndefined();
  });
  test('nothing of it is needed', () => {
    expect(handOverFaults({})).toEqual([]);
    expect(handOverOf({ ownerName: 'Mira Holt', returnOn: '2026-12-08', signature: MARK })).toMatchObject({
      ownerName: 'Mira Holt',
      returnOn: '2026-12-08',
    });
  });
});

describe('carried over', () => {
  const item = (id: string, more: Partial<CarriedItem> = {}): CarriedItem => ({
    id,
    area: 'coil',
    words: id,
    minutes: 10,
    money: 0,
    outcome: 'open',
    since: '2026-03-01T10:00:00Z',
    ...more,
  });
  const nothing: SeenNow = { looks: new Map(), checks: new Map(), context: {}, measured: new Set() };
  const ids = (items: readonly TriageItem[]) => items.map(({ id }) => id);

  test('what was open, quoted, declined or watched is now at the next visit; what was fixed does not', () => {
    const earlier = (['open', 'dealtWith', 'quoted', 'declined', 'watch'] as const).map((outcome) =>
      item(`check-${outcome}`, { outcome }),
    );
    expect(ids(carriedOver(earlier, [], nothing))).toEqual([
      'check-open',
      'check-quoted',
      'check-declined',
      'check-watch',
    ]);
  });
  test('what is found again stands once', () => {
    expect(carriedOver([item('check-drainTrap')], [item('check-drainTrap')], nothing)).toEqual([]);
  });
  test('what was measured gives way only to what is measured again: silence mends nothing', () => {
    const earlier = [
      item('heat-sequence', { area: 'safety', measuredBy: 'heat' }),
      item('circuit-1-lowCharge', { measuredBy: 'circuit-1' }),
      item('air-stage-1', { measuredBy: 'air', outcome: 'quoted', quoted: 680 }),
    ];
    expect(carriedOver(earlier, [], nothing)).toEqual(earlier);
    const again = { ...nothing, measured: new Set(['air', 'circuit-2']) };
    expect(ids(carriedOver(earlier, [], again))).toEqual(['heat-sequence', 'circuit-1-lowCharge']);
  });
  test('a quote stands when its finding is found again; what was fixed and came back is open', () => {
    const earlier = [item('a', { outcome: 'quoted', quoted: 680 }), item('b', { outcome: 'dealtWith' })];
    expect(outcomeBefore(earlier, 'a')).toEqual({ outcome: 'quoted', quoted: 680, since: '2026-03-01T10:00:00Z' });
    expect(outcomeBefore(earlier, 'b')).toBeUndefined();
    expect(outcomeBefore(earlier, 'c')).toBeUndefined();
  });
  test('what was looked at or tried again and is right is gone', () => {
    const fine = lookItem('filter')!.states.find(({ finding }) => !finding)!.id;
    const seen: SeenNow = {
      looks: new Map([['filter', { item: 'filter', state: fine }]]),
      checks: new Map([['drainTrap', { point: 'drainTrap', state: 'done' }]]),
      context: {},
      measured: new Set(),
    };
    const earlier = [item('look-filter', { look: 'filter' }), item('check-drainTrap'), item('check-drainPitch')];
    expect(ids(carriedOver(earlier, [], seen))).toEqual(['check-drainPitch']);
  });
});
