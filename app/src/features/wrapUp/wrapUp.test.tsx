import { measuresText, US_MEASURES } from '@huff/core';
import type { PhotoDto, VisitDto } from '@huff/contract';
import { fireEvent, screen } from '@testing-library/react-native';
import { Linking, View } from 'react-native';
import { WholeVisit } from '../visitState/WholeVisit';
import { renderThemed } from '../../testing/render';
import { measured, NOW, onTap3 } from '../../testing/visits';
import { withFact } from '../visitState/newFact';
import type { StationActs } from '../visitState/station';
import { assess } from '../visitState/useAssessment';
import { WrapUpStep } from './WrapUpStep';
import { handOver } from './station';

let mockVisits: { readonly startedAt: string; readonly summary?: object }[] = [];
beforeEach(() => {
  mockVisits = [];
});
const mockPhotos: PhotoDto[] = [];
jest.mock('../../data/session', () => ({ useSession: () => ({ session: undefined, isUnknown: false }) }));
jest.mock('../../data/visits', () => ({
  useUnitVisits: () => ({ visits: mockVisits }),
  usePhotos: () => mockPhotos,
}));
const UNIT = { id: 'unit-1', siteId: 'site-1', name: 'Reading room air handler' };
jest.mock('../../data/records', () => ({
  shop: { useList: () => ({ records: [] }) },
  sites: { useList: () => ({ records: [] }) },
  units: { useList: () => ({ records: [{ record: UNIT }] }) },
}));

const found = (visit: VisitDto): VisitDto => withFact(visit, 'check', { point: 'drainTrap', state: 'found' }, NOW);

function show(visit: VisitDto, { isSaved = true }: { readonly isSaved?: boolean } = {}) {
  const onWhole = jest.fn<void, [VisitDto]>();
  const goTo = jest.fn();
  const onSave = jest.fn();
  renderThemed(
    <WholeVisit visit={visit} onVisit={onWhole}>
      <WrapUpStep
        visit={visit}
        assessment={assess(visit)}
        parted={{ before: visit }}
        wholeParted={{ before: visit }}
        acts={{ goTo, ...(isSaved ? {} : { onSave }) } as unknown as StationActs}
        width={358}
        frame={({ main, foot }) => (
          <View>
            {main}
            {foot}
          </View>
        )}
      />
    </WholeVisit>,
  );
  return { last: () => onWhole.mock.calls.at(-1)?.[0].facts?.at(-1), goTo, onSave };
}

test('the owner’s page stands as it will be, and what is not settled leads to where it is', () => {
  const said = measured();
  const { goTo } = show(found({ ...said, setup: { ...said.setup, unsaid: [] } }));
  expect(screen.getByText('Your air handler does not have the right airflow yet')).toBeTruthy();
  expect(
    screen.getByLabelText(/^Resistance to the blower: 0\.58 in\. w\.c\.; the nameplate allows 0\.50\. out of range/),
  ).toBeTruthy();
  // What is right is drawn behind each figure.
  expect(screen.getByLabelText(/^Bar: Resistance to the blower, 0\.58 now; the right range is shaded/)).toBeTruthy();
  expect(screen.getAllByText(/[Tt]rap is missing or the wrong depth\./)).toHaveLength(2);
  expect(screen.getByText(/^\d open findings: about \d+ min, parts about \$\d+\.$/)).toBeTruthy();
  fireEvent.press(screen.getByText('Resolve findings'));
  expect(goTo).toHaveBeenCalledWith('found');
});

test('a day is touched, a name typed; both are one fact, the last one stands', () => {
  const visit = measured();
  const { last } = show(visit);
  fireEvent.press(screen.getByText('in 3 months'));
  const day = String(last()!.inputs.returnOn);
  expect(day).toMatch(/^\d{4}-\d\d-\d\d$/);
  show(withFact(visit, 'handOver', { returnOn: day }, NOW));
  const fields = screen.getAllByLabelText('Name, if known');
  fireEvent.changeText(fields.at(-1)!, 'Mira Holt');
  expect(screen.getAllByLabelText('Next visit, if known').at(-1)!.props.value).toBe(day);
});

test('a day that is none is requested at its field, and nothing is lost', () => {
  const { last } = show(measured());
  fireEvent.changeText(screen.getByLabelText('Next visit, if known'), 'soon');
  fireEvent.press(screen.getByText('Save'));
  expect(last()).toBeUndefined();
  expect(screen.getByText('Enter the day as 2026-12-08: year, month, day.')).toBeTruthy();
  expect(screen.getByLabelText('Next visit, if known').props.value).toBe('soon');
});

test('the day the filter is due is offered first', () => {
  const figures = (filterDropInWc: number) => ({ figures: { filterDropInWc, flowCfm: 1000, filterLimitInWc: 0.1 } });
  const ago = (days: number) => new Date(Date.now() - days * 86_400_000).toISOString();
  mockVisits = [
    { startedAt: ago(60), summary: figures(0.04) },
    { startedAt: ago(1), summary: figures(0.07) },
  ];
  const { last } = show({ ...measured(), unitId: 'unit-1' });
  fireEvent.press(screen.getByText(/^filter, /));
  expect(last()).toMatchObject({ kind: 'handOver', inputs: { returnFor: 'Filter' } });
});

test('a mark: a dot is refused, strokes are kept and can be cleared', () => {
  const { last } = show(measured());
  const pad = screen.getByLabelText('Signature box, empty');
  const at = (locationX: number, locationY: number) => ({ nativeEvent: { locationX, locationY } });
  fireEvent(pad, 'layout', { nativeEvent: { layout: { width: 300, height: 100 } } });
  fireEvent(pad, 'responderGrant', at(30, 50));
  fireEvent(pad, 'responderRelease', at(30, 50));
  expect(screen.getByText(/^That is only a dot/)).toBeTruthy();
  expect(screen.queryByText('Save signature')).toBeNull();
  fireEvent(pad, 'responderGrant', at(40, 40));
  fireEvent(pad, 'responderMove', at(160, 80));
  fireEvent(pad, 'responderRelease', at(160, 80));
  fireEvent.press(screen.getByText('Save signature'));
  expect(last()).toMatchObject({ kind: 'handOver', inputs: { signature: '100,500;133,400 533,800' } });
  fireEvent.press(screen.getByText('Clear'));
  expect(screen.getByLabelText('Signature box, empty')).toBeTruthy();
});

test('PDF and CSV once it is saved, labels of a unit in a size', () => {
  const opened = jest.spyOn(Linking, 'openURL').mockResolvedValue(undefined);
  const { onSave } = show(onTap3(), { isSaved: false });
  expect(screen.queryByText('PDF')).toBeNull();
  fireEvent.press(screen.getByText('Save the visit'));
  expect(onSave).toHaveBeenCalled();
  const visit = { ...measured(), unitId: 'unit-1' };
  show(visit);
  fireEvent.press(screen.getAllByText('A4').at(-1)!);
  fireEvent.press(screen.getByText('PDF'));
  expect(opened).toHaveBeenLastCalledWith(
    expect.stringMatching(`^/api/visits/${visit.id}/report\\.pdf\\?size=A4&zone=`),
  );
  fireEvent.press(screen.getByText('99 × 93 mm'));
  fireEvent.press(screen.getByText('Print label'));
  expect(opened).toHaveBeenLastCalledWith(expect.stringMatching(/^\/api\/units\/unit-1\/label\.pdf\?size=large/));
  fireEvent.press(screen.getByText('Save readings CSV'));
  expect(opened).toHaveBeenLastCalledWith(`/api/visits/${visit.id}/readings.csv?measures=${measuresText(US_MEASURES)}`);
});

test('the station is done when something was agreed', () => {
  const progress = (visit: VisitDto) => handOver.progress({ whole: visit } as Parameters<typeof handOver.progress>[0]);
  expect(progress(measured())).toMatchObject({ state: 'empty', lacks: 'not wrapped up' });
  expect(progress(withFact(measured(), 'handOver', { ownerName: 'Mira Holt' }, NOW))).toMatchObject({ state: 'done' });
});

test('what nobody said is not named: the page speaks of a unit', () => {
  show({ ...measured(), setup: { unsaid: ['layout', 'motor'] } });
  expect(screen.getByText('Your unit does not have the right airflow yet')).toBeTruthy();
  expect(screen.queryByText(/air handler/)).toBeNull();
});

test('before anything was read it claims nothing', () => {
  show(onTap3());
  expect(screen.getByText('Nothing was measured or changed yet.')).toBeTruthy();
  expect(screen.getByText(/^No findings so far\. Set the next visit\./)).toBeTruthy();
});

test('the owner sees the photo of what was found, from the phone while it waits to be sent', () => {
  const loaded = withFact(measured(), 'look', { item: 'filter', state: 'loaded' }, NOW);
  mockPhotos.push({ id: 'p1', visitId: loaded.id, item: 'filter', savedAt: NOW.toISOString(), jpeg: '/9j/waits' });
  try {
    show(loaded);
    expect(
      screen.getAllByLabelText(/[Ff]ilter/).map(({ props }) => (props.source as { uri?: string } | undefined)?.uri),
    ).toContain('data:image/jpeg;base64,/9j/waits');
  } finally {
    mockPhotos.pop();
  }
});
