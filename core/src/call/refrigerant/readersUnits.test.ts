import { SI_MEASURES, toShown, withMeasures } from '../../base/words';
import { coldWeatherFindings } from './coldWeather';
import { readLadder } from './ladder';
import { outdoorSide } from './outdoorSide';

const inSi = <T>(work: () => T): T => withMeasures(SI_MEASURES, work);
const READ = {
  refrigerant: 'R-410A',
  metering: 'valve',
  suctionPsig: 118,
  highPsig: 420,
  suctionLineF: 54,
  liquidLineF: 108,
  outdoorF: 84,
  returnF: 75,
};

function ladder(more: Readonly<Record<string, number>> = {}) {
  const read = readLadder({ ...READ, ...more });
  if (!read.ok) throw new Error('a ladder is expected');
  return read.ladder;
}

describe('the refrigerant side speaks the units of whoever reads it', () => {
  test('differences are kelvins, temperatures degrees Celsius', () => {
    const us = outdoorSide(ladder(), false).map(({ sentence }) => sentence);
    const si = inSi(() => outdoorSide(ladder(), false).map(({ sentence }) => sentence));
    expect(us[0]).toMatch(/condensing \d+ °F over ambient, typically 10 to 25/);
    expect(si[0]).toMatch(/condensing [\d.]+ K over ambient, typically 5\.6 to 13\.9/);
    expect(inSi(() => coldWeatherFindings({ outdoorF: 50, condensingF: 68, fanCycles: false }))).toEqual([
      expect.stringContaining('20.0 °C condensing and 10.0 °C outdoors'),
    ]);
  });

  test('pressures go with the static: kPa beside Pa', () => {
    expect(inSi(() => toShown(118, 'psig'))).toBeCloseTo(813.6, 1);
    expect(toShown(118, 'psig')).toBe(118);
    expect(inSi(() => ladder({ suctionPsig: 240, highPsig: 118 }).questions[0]?.message)).toMatch(
      /Suction 1,655 is not below the high side at 814 kPa/,
    );
  });
});
