import { clockText, dateText, longDateText, momentText, yearDateText } from './dates';

const AT = new Date(2026, 10, 29, 14, 5);

test('dates as the trade writes them', () => {
  expect([dateText(AT), yearDateText(AT), longDateText(AT)]).toEqual(['Nov 29', 'Nov 29, 2026', 'Sunday, November 29']);
});

test('the clock is that of the phone: twelve hours here, twenty-four where the phone says so', () => {
  expect(clockText(AT)).toBe('2:05 PM');
  expect(momentText(AT)).toBe('Nov 29, 2:05 PM');
  jest.isolateModules(() => {
    const real = Intl.DateTimeFormat;
    const spy = jest
      .spyOn(Intl, 'DateTimeFormat')
      .mockImplementation(((_: unknown, options: Intl.DateTimeFormatOptions) => new real('de-DE', options)) as never);
    const again = jest.requireActual<{ clockText: typeof clockText }>('./dates');
    expect(again.clockText(AT)).toBe('14:05');
    spy.mockRestore();
  });
});
