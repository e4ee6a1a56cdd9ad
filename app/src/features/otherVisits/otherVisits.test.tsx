import { fireEvent, screen } from '@testing-library/react-native';
import type { VisitDto } from '@huff/contract';
import type { ListedVisit } from '../../data/visits';
import { renderThemed } from '../../testing/render';
import { quickCheck } from '../visitState/newVisit';
import { OtherVisits } from './OtherVisits';

let mockDraft: VisitDto | null = null;
let mockList: ListedVisit[] = [];
const mockOpen = jest.fn();
const mockReplace = jest.fn();
jest.mock('expo-router', () => ({ router: { replace: (to: string) => mockReplace(to) } }));
jest.mock('../../data/useRules', () => ({ useRules: () => undefined }));
jest.mock('../../data/visits', () => ({
  useDraft: () => mockDraft,
  useVisitList: () => ({ visits: mockList }),
  drafts: { open: (visit: VisitDto) => mockOpen(visit) },
}));

const HOUR_MS = 3_600_000;
const named = (title: string, hoursAgo = 0): VisitDto => ({
  ...quickCheck(new Date(Date.now() - hoursAgo * HOUR_MS)),
  id: title,
  title,
});
const listed = ({ id, title, startedAt }: VisitDto): ListedVisit => ({ id, title, startedAt });

beforeEach(() => {
  mockDraft = null;
  mockList = [];
  mockOpen.mockClear();
  mockReplace.mockClear();
});

test('lists what was opened today, not this one and not yesterday’s, and goes there', () => {
  const here = named('Quick check: no heat');
  mockDraft = named('Quick check: not cooling');
  mockList = [listed(here), listed(named('Attic air handler')), listed(named('Barn', 48))];
  renderThemed(<OtherVisits visit={here} />);
  expect(screen.getAllByLabelText(/^Go to/)).toHaveLength(2);
  expect(screen.queryByLabelText(/Barn|no heat/)).toBeNull();
  fireEvent.press(screen.getByLabelText(/^Go to Attic/));
  fireEvent.press(screen.getByLabelText(/^Go to Quick check: not cooling/));
  expect(mockReplace.mock.calls).toEqual([['/visits/Attic air handler'], ['/quick']]);
});

test('one more unit begins an empty check; what is open is kept by whoever opens it', () => {
  renderThemed(<OtherVisits visit={named('Attic')} />);
  fireEvent.press(screen.getByText('Check another unit'));
  expect(mockOpen).toHaveBeenCalledWith(expect.objectContaining({ title: 'Quick check', readings: [] }));
  expect(mockReplace).toHaveBeenCalledWith('/quick');
});
