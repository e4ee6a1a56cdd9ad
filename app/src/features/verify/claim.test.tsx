import type { Claim, Proof } from '@huff/core/fix';
import { screen } from '@testing-library/react-native';
import { renderThemed } from '../../testing/render';
import { ClaimCheck } from './ClaimCheck';

const claim: Claim = {
  promisedRatio: 1.05,
  change: { ratio: 1, sigma: 0.016, sections: [] },
  touched: [],
  found: 'notChanged',
  sentence: 'The filter takes what it took before. Was it done?',
};
const proof: Proof = { lines: [], changes: [], lacking: [], contradictions: [], claim };
const flow = {
  flowCfm: 960,
  sigmaCfm: 58,
  says: 'The change is from the untouched section, to ± 1.6 %.',
  measured: true,
  usualOnly: false,
  dropOnly: false,
};

describe('what the untouched section says', () => {
  test('a fix that was not done is marked, with its question, and nothing is said to agree', () => {
    renderThemed(<ClaimCheck proof={proof} />);
    expect(screen.getByText(/Was it done\?/)).toBeTruthy();
    expect(screen.getByLabelText('out of range')).toBeTruthy();
    expect(screen.queryByText('The untouched section agrees')).toBeNull();
  });
  test('a fix that holds says so, and what the airflow after rests on', () => {
    renderThemed(
      <ClaimCheck proof={{ ...proof, flow, claim: { ...claim, found: 'asPromised', sentence: '+5 %.' } }} />,
    );
    expect(screen.getByText('The untouched section agrees')).toBeTruthy();
    expect(screen.getByLabelText('in range')).toBeTruthy();
    expect(screen.getByText(/to ± 1\.6 %/)).toBeTruthy();
  });
  test('before anything is read again it takes no room', () => {
    renderThemed(<ClaimCheck proof={{ ...proof, claim: undefined }} />);
    expect(screen.queryByRole('status')).toBeNull();
  });
});
