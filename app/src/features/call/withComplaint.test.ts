import { complaintSaid } from './stations';
import { withComplaint } from './withComplaint';
import { quickCheck } from '../visitState/newVisit';
import { NOW, read } from '../../testing/visits';

test('a call that is about one mode sets it while nothing was read; the last one said counts', () => {
  const cold = withComplaint(quickCheck(NOW), 'noHeat');
  expect(complaintSaid(cold)?.id).toBe('noHeat');
  expect(cold.mode).toBe('heating');
  expect(cold.title).toBe('Quick check: no heat');
  expect(withComplaint(cold, 'hotSmell').title).toBe('Quick check: smells hot');
  expect(withComplaint({ ...cold, title: 'Barn' }, 'noisy').title).toBe('Barn');
  expect(withComplaint(cold, 'notCooling').mode).toBe('cooling');
  expect(withComplaint(cold, 'noisy').mode).toBe('heating');
  // What was read belongs to the mode it was read in.
  expect(withComplaint(read(quickCheck(NOW), 'R2', -0.31), 'noHeat').mode).toBe('cooling');
});
