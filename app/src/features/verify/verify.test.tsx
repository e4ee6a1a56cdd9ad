import { assess, partVisit, type UnitDto, type VisitDto } from '@huff/contract';
import { plainShop, planRequest, provenUnit, unitAfter } from '@huff/contract/fix';
import { applyMoves, predict, promiseOf } from '@huff/core';
import { fireEvent, renderHook, screen } from '@testing-library/react-native';
import { renderThemed } from '../../testing/render';
import { measured } from '../../testing/visits';
import { withFact } from '../visitState/newFact';
import { AS_IT_RUNS, withReading } from '../visitState/newVisit';
import { errorText } from './ProofTable';
import { TracesOverlaid } from './TracesOverlaid';
import { VerifyFoot } from './VerifyFoot';
import { VerifyView } from './VerifyView';
import { useProof } from './useProof';

jest.mock('../../data/records', () => ({ units: {}, shop: { useList: () => ({ records: [] }) } }));

const shop = { ...plainShop('11110000-0000-4000-8000-000000000001'), tariffPerKwh: 0.2 };
const before = measured();
const later = (minutes: number) => new Date(Date.parse('2027-01-01T10:00:00Z') + 60_000 * minutes);
const request = planRequest(before, assess(before), shop, { typed: {} })!;
const moves = [{ id: 'changeTap', inputs: { tap: '4' } }];
const applied = applyMoves(request.system, moves);
if (!applied.ok) throw new Error(applied.why);
const record = {
  moves,
  words: ['Blower speed: 3 to 4'],
  from: request,
  promise: promiseOf(predict(applied.system, request.goal, request.system)),
  chance: 0.1,
  minutes: 10,
  cost: 0,
  cautionsRead: ['lockOut'],
};
const decided = withFact(before, 'plan', JSON.parse(JSON.stringify(record)) as Record<string, unknown>, later(0));
const again = (visit: VisitDto, port: 'R2' | 'S1', staticInWc: number, minutes: number) =>
  withReading(visit, { port, staticInWc, conditions: AS_IT_RUNS, replacesId: null }, later(minutes));
const proven = again(again(decided, 'R2', -0.34, 5), 'S1', 0.33, 6);
const proofOfVisit = (visit: VisitDto) => renderHook(() => useProof(partVisit(visit))).result.current;

const station = (visit: VisitDto) => {
  const spies = { onPort: jest.fn(), onMethod: jest.fn() };
  renderThemed(
    <VerifyView plan={partVisit(visit).plan} proven={proofOfVisit(visit)} shop={shop} width={358} {...spies} />,
  );
  return spies;
};

test('a place that a probe watched before and after is drawn as two lines; one that was watched once is not', () => {
  const trace = (visit: VisitDto, place: string, values: number[], minutes: number) =>
    withFact(visit, 'trace', { place, probe: 'A', seconds: values.map((_, i) => i), values }, later(minutes));
  const watched = withFact(
    trace(before, 'R2', [-0.3, -0.31], -5),
    'plan',
    { ...decided.facts!.at(-1)!.inputs },
    later(0),
  );
  const page = renderThemed(<TracesOverlaid parted={partVisit(trace(watched, 'S1', [0.3], 4))} width={358} />);
  expect(screen.queryByText('Probes before and after')).toBeNull();
  page.unmount();
  renderThemed(<TracesOverlaid parted={partVisit(trace(watched, 'R2', [-0.24, -0.22], 5))} width={358} />);
  expect(screen.getByLabelText('R2: −0.31 in. w.c. before, −0.22 in. w.c. after.')).toBeTruthy();
});

describe('the station Prove', () => {
  test('before a plan it teaches what goes here', () => {
    station(before);
    expect(screen.getByText('Nothing to verify yet')).toBeTruthy();
  });
  test('after it, each port is to be read again', () => {
    const { onPort } = station(decided);
    fireEvent.press(screen.getByLabelText(/^Static at R2: −0\.31 before, not re-measured/));
    expect(onPort).toHaveBeenCalledWith('R2');
  });
  test('read again: before, predicted and after, and how near it was', () => {
    station(proven);
    expect(screen.getByLabelText(/^Static at S1: 0\.27 before, 0\.33 now/)).toBeTruthy();
    expect(
      screen.getByLabelText(/^Total external static, in\. w\.c\.: 0\.58 before, 0\.70 predicted, 0\.67 after/),
    ).toBeTruthy();
    expect(screen.getByText('Air path as verified')).toBeTruthy();
  });
});

describe('the foot of Prove', () => {
  const foot = (visit: VisitDto, keeping: 'noUnit' | 'toKeep' | 'kept', onSave?: () => void) => {
    const spies = { onPort: jest.fn(), onKeep: jest.fn(), onFix: jest.fn() };
    renderThemed(<VerifyFoot proven={proofOfVisit(visit)} keeping={keeping} onSave={onSave} {...spies} />);
    return spies;
  };
  test('first Fix, then the ports of the external static, then keeping it', () => {
    const first = foot(before, 'toKeep');
    fireEvent.press(screen.getByText('Go to Fix'));
    expect(first.onFix).toHaveBeenCalled();
  });
  test('the port to read next', () => {
    const { onPort } = foot(again(decided, 'R2', -0.34, 5), 'toKeep');
    fireEvent.press(screen.getByText('Read S1 again'));
    expect(onPort).toHaveBeenCalledWith('S1');
  });
  test('proven: kept on the unit, or saved where there is none', () => {
    const { onKeep } = foot(proven, 'toKeep');
    fireEvent.press(screen.getByText('Save to unit'));
    expect(onKeep).toHaveBeenCalled();
  });
  test('without a unit the visit is saved', () => {
    const onSave = jest.fn();
    foot(proven, 'noUnit', onSave);
    fireEvent.press(screen.getByText('Save this visit'));
    expect(onSave).toHaveBeenCalled();
  });
});

test('the unit’s record takes the tap and the air path as proven', () => {
  const kept = provenUnit(proven, proofOfVisit(proven)!.proof, '2027-01-01T10:10:00.000Z')!;
  expect(kept).toMatchObject({ visitId: proven.id, tespInWc: expect.closeTo(0.67, 6) });
  const unit = { id: 'u', tap: '3', setup: { filterCount: 1 } } as unknown as UnitDto;
  const after = partVisit(proven).after!;
  expect(unitAfter(unit, after, kept)).toMatchObject({
    tap: '4',
    setup: { filterCount: 1 },
    proven: kept,
  });
});

test('a bare grille that got its box is bare no longer', () => {
  const kept = provenUnit(proven, proofOfVisit(proven)!.proof, '2027-01-01T10:10:00.000Z')!;
  const bare = { id: 'u', tap: '3', setup: { bareGrilleCollarIn: 14 } } as unknown as UnitDto;
  const after = partVisit(proven).after!;
  expect(unitAfter(bare, after, kept).setup?.bareGrilleCollarIn).toBeNull();
  const still = { ...after, setup: { ...after.setup, bareGrilleCollarIn: 14 } };
  expect(unitAfter(bare, still, kept).setup?.bareGrilleCollarIn).toBe(14);
});

test('errors in words', () => {
  expect([0.02, -0.13, 0.001, undefined].map(errorText)).toEqual(['2 % more', '13 % less', 'as predicted', '']);
});
