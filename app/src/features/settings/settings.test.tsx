import { check } from '@huff/contract';
import { plainShop, ShopDto } from '@huff/contract/fix';
import { explainVisit } from '@huff/contract/explain';
import { DEFAULT_RULES } from '@huff/core';
import { fireEvent, screen } from '@testing-library/react-native';
import { router } from 'expo-router';
import { renderThemed } from '../../testing/render';
import { measured } from '../../testing/visits';
import {
  beltFaults,
  beltInputs,
  beltOfForm,
  SHEAVE_FORM,
  sheaveFaults,
  sheaveInputs,
  sheaveOf,
  withEffort,
} from './shopForms';
import { OddsPage } from './OddsPage';
import { SettingsPage } from './SettingsPage';
import { SettingSheet } from './SettingSheet';

const mockSave = jest.fn();
const mockImage = jest.fn();
jest.mock('../photos/takePhoto', () => ({
  chooseImage: (on: (picture: object) => void, off: (why: string) => void) => mockImage(on, off) as unknown,
}));
const mockList = jest.fn();
jest.mock('expo-router', () => ({ router: { push: jest.fn() }, usePathname: () => '/settings' }));
jest.mock('../../data/records', () => ({
  blowerTables: { useList: () => ({ records: [{}, {}] }) },
  shop: { useList: () => mockList() as unknown, change: (_: object, to: object) => mockSave(to) as unknown },
}));

const shop: ShopDto = {
  ...plainShop('11110000-0000-4000-8000-000000000001'),
  sheaves: [
    {
      id: '11110000-0000-4000-8000-000000000002',
      name: 'Fixed 3.7',
      fits: 'motor',
      pitchIn: 3.7,
      mostPitchIn: null,
      turns: null,
      grooves: 1,
      onTruck: true,
      cost: 18,
    },
  ],
  belts: [{ mark: 'A48', onTruck: true, cost: 14 }],
};
beforeEach(() => {
  mockSave.mockClear();
  mockList.mockReturnValue({ records: [{ record: shop, sending: 'sent' }], isError: false });
});
const saved = () => (mockSave.mock.calls[0] as [ShopDto])[0];

test('a logo is chosen, changed and removed; what is no picture is said', () => {
  mockImage.mockImplementationOnce((_: unknown, off: (why: string) => void) =>
    off('notes.txt is not a readable picture.'),
  );
  const page = renderThemed(<SettingsPage />);
  fireEvent.press(screen.getByText('Add logo'));
  expect(screen.getByText('notes.txt is not a readable picture.')).toBeTruthy();
  expect(mockSave).not.toHaveBeenCalled();
  mockImage.mockImplementationOnce((on: (picture: object) => void) => on({ jpeg: 'large', smallJpeg: '/9j/small' }));
  fireEvent.press(screen.getByText('Add logo'));
  expect(saved().logo).toBe('/9j/small');
  mockList.mockReturnValue({ records: [{ record: { ...shop, logo: '/9j/small' }, sending: 'sent' }] });
  page.unmount();
  renderThemed(<SettingsPage />);
  expect(screen.getByLabelText('Shop logo')).toBeTruthy();
  fireEvent.press(screen.getByText('Remove logo'));
  expect((mockSave.mock.lastCall as [ShopDto])[0].logo).toBeNull();
});

test('a sheet that was opened before the shop was read stays open when it arrives', () => {
  mockList.mockReturnValue({ records: [] });
  const page = renderThemed(<SettingsPage />);
  expect(screen.getByText('Loading settings…')).toBeTruthy();
  fireEvent.press(screen.getByLabelText(/^Units/));
  expect(screen.getByText('Use SI units')).toBeTruthy();
  mockList.mockReturnValue({ records: [{ record: shop, sending: 'sent' }] });
  page.rerender(<SettingsPage />);
  expect(screen.queryByText('Loading settings…')).toBeNull();
  expect(screen.getByText('Use SI units')).toBeTruthy();
});

test('odds of causes: each with its usual, the shop’s own kept, and the way back', () => {
  mockList.mockReturnValue({ records: [{ record: { ...shop, odds: { doorSwitch: 25 } }, sending: 'sent' }] });
  renderThemed(<OddsPage />);
  expect(screen.getByText('shop setting; default 10')).toBeTruthy();
  fireEvent.press(screen.getByText('Thermostat'));
  for (const key of '30') fireEvent.press(screen.getByLabelText(key));
  fireEvent.press(screen.getByText('Save'));
  expect(saved().odds).toEqual({ doorSwitch: 25, thermostat: 30 });
  fireEvent.press(screen.getByText('Door switch'));
  fireEvent.press(screen.getAllByText('usual').at(-1)!);
  expect((mockSave.mock.calls[1] as [ShopDto])[0].odds).toMatchObject({ doorSwitch: null });
});

test('causes of bad air have odds of their own, which Causes begins with', () => {
  mockList.mockReturnValue({ records: [{ record: shop, sending: 'sent' }] });
  renderThemed(<OddsPage />);
  fireEvent.press(screen.getByText('Caked blower wheel'));
  for (const key of '30') fireEvent.press(screen.getByLabelText(key));
  fireEvent.press(screen.getByText('Save'));
  const { odds } = saved();
  expect(odds).toEqual({ wheelCaked: 30 });
  expect(explainVisit(measured(), DEFAULT_RULES, odds)).toMatchObject({ odds: { wheelCaked: 30 } });
});

describe('forms and records say the same', () => {
  test('a sheave goes through its form unchanged', () => {
    for (const part of [shop.sheaves[0]!, { ...shop.sheaves[0]!, mostPitchIn: 4.4, turns: 5 }])
      expect(sheaveOf(sheaveInputs(part), part.id)).toEqual(part);
    expect(beltOfForm(beltInputs(shop.belts[0]!))).toEqual(shop.belts[0]);
  });
  test('what is wrong is named', () => {
    const adjustable = { name: 'x', kind: 'adjustable', pitchIn: 4, mostPitchIn: 3, turns: 5, cost: 1 };
    expect(sheaveFaults(adjustable)[0]).toMatchObject({ field: 'mostPitchIn' });
    expect(sheaveFaults({ ...adjustable, mostPitchIn: 5 })).toEqual([]);
    expect(beltFaults({ mark: 'C9', cost: 1 })[0]?.message).toContain('A48');
    expect(beltFaults({ mark: '4L500', cost: 1 })).toEqual([]);
  });
  test('a move’s minutes and money replace those of before', () => {
    const twice = withEffort(withEffort(shop, 'cleanCoil', { minutes: 60, cost: 10 }), 'cleanCoil', {
      minutes: 50,
      cost: 9,
    });
    expect(twice.moves).toEqual([{ move: 'cleanCoil', minutes: 50, cost: 9 }]);
    expect(check(ShopDto, twice).ok).toBe(true);
  });
});

describe('the page', () => {
  test('a tariff is set; a blank one stays unknown', () => {
    renderThemed(<SettingsPage />);
    fireEvent.press(screen.getByLabelText(/^Tariff: not known/));
    fireEvent.changeText(screen.getByLabelText(/^Electricity, per kWh/), '0.21');
    fireEvent.press(screen.getByText('Save'));
    expect(saved()).toMatchObject({ tariffPerKwh: 0.21, hoursAYear: null, currency: '$' });
  });
  test('a belt is added, and one of the same mark replaces it', () => {
    renderThemed(<SettingsPage />);
    fireEvent.press(screen.getByText('Add a belt'));
    fireEvent.changeText(screen.getByLabelText(/^Mark/), 'a48');
    fireEvent.changeText(screen.getByLabelText(/^Cost/), '16');
    fireEvent.press(screen.getByText('Save'));
    expect(saved().belts).toEqual([{ mark: 'A48', onTruck: true, cost: 16 }]);
  });
  test('a sheave is taken off the list', () => {
    renderThemed(<SettingsPage />);
    fireEvent.press(screen.getByLabelText(/^Fixed 3\.7/));
    fireEvent.press(screen.getByText('Remove'));
    expect(saved().sheaves).toEqual([]);
  });
  test('minutes of a move are the shop’s from then on', () => {
    renderThemed(<SettingsPage />);
    fireEvent.press(screen.getByLabelText(/^Clean the coil: 1 h 30/));
    fireEvent.changeText(screen.getByLabelText('Minutes'), '45');
    fireEvent.press(screen.getByText('Save'));
    expect(saved().moves).toEqual([{ move: 'cleanCoil', minutes: 45, cost: 45 }]);
  });
  test('a move goes back to the usual, which is said', () => {
    const own = { ...shop, moves: [{ move: 'cleanCoil', minutes: 45, cost: 30 }] };
    mockList.mockReturnValue({ records: [{ record: own, sending: 'sent' }], isError: false });
    renderThemed(<SettingsPage />);
    fireEvent.press(screen.getByLabelText(/^Clean the coil: 45 min · \$30, set by the shop/));
    fireEvent.press(screen.getByText('Back to default: 1 h 30, $45'));
    expect(saved().moves).toEqual([]);
  });
  test('the blower tables are counted and one touch away', () => {
    renderThemed(<SettingsPage />);
    fireEvent.press(screen.getByLabelText('Blower tables: 2 tables'));
    expect(router.push).toHaveBeenCalledWith('/settings/tables');
  });
  test('without the server’s word nothing can be overwritten', () => {
    mockList.mockReturnValue({ records: [], isError: true });
    renderThemed(<SettingsPage />);
    expect(screen.getByText(/not loaded yet/)).toBeTruthy();
    expect(screen.queryByText('Add a belt')).toBeNull();
  });
});

test('a sheet with something wrong keeps nothing', () => {
  const onShop = jest.fn();
  const keep = jest.fn();
  const editing = { title: 'New sheave', set: SHEAVE_FORM, begin: {}, faultsOf: sheaveFaults, keep };
  renderThemed(<SettingSheet editing={editing} onShop={onShop} onClose={jest.fn()} />);
  fireEvent.press(screen.getByText('Save'));
  expect(onShop).not.toHaveBeenCalled();
  expect(screen.getByText('Name: type it.')).toBeTruthy();
});
