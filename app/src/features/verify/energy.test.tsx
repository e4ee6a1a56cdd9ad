import { plainShop } from '@huff/contract/fix';
import type { ProofLine } from '@huff/core/fix';
import { screen } from '@testing-library/react-native';
import { renderThemed } from '../../testing/render';
import { Energy } from './Energy';
import type { ProofOfVisit } from './useProof';

const shop = plainShop('11110000-0000-4000-8000-000000000001');
const watts = (more: Partial<ProofLine>): ProofOfVisit =>
  ({ proof: { lines: [{ id: 'watts', name: 'Power', unit: 'watts', word: 'cantSay', ...more }] } }) as never;
const show = (proven: ProofOfVisit, set = {}) => renderThemed(<Energy proven={proven} shop={{ ...shop, ...set }} />);

describe('energy a year', () => {
  test('less power saves money at the shop’s tariff and hours', () => {
    show(watts({ before: 520, after: 400, promised: 390 }), { tariffPerKwh: 0.2, hoursAYear: 2500 });
    expect(screen.getByText('Saves 300 kWh, $60 at 2,500 hours.')).toBeTruthy();
    expect(screen.getByText(/^Power after is measured\./)).toBeTruthy();
  });
  test('more power spends; what was not measured again is predicted', () => {
    show(watts({ before: 400, promised: 520 }), { tariffPerKwh: 0.25, hoursAYear: 2000 });
    expect(screen.getByText('Uses 240 kWh, $60 at 2,000 hours.')).toBeTruthy();
    expect(screen.getByText(/^Power after is predicted\./)).toBeTruthy();
  });
  test('an unknown tariff is said, and the energy all the same', () => {
    show(watts({ before: 520, after: 400 }));
    expect(screen.getByText(/^Saves 240 kWh at 2,000 hours/)).toBeTruthy();
    expect(screen.getByText(/Electricity price is missing/)).toBeTruthy();
  });
  test('without a power before there is nothing to compare', () => {
    show(watts({ after: 400 }));
    expect(screen.queryByText('Energy a year')).toBeNull();
  });
});
