import { fireEvent, screen } from '@testing-library/react-native';
import { router } from 'expo-router';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { renderThemed } from '../../testing/render';
import { GuidePage } from './GuidePage';
import { ANSWERS, FIRST_VISIT } from './guideWords';

jest.mock('expo-router', () => ({ router: { replace: jest.fn(), push: jest.fn() } }));

test('the guide in the app and the one in docs say the same', () => {
  const written = readFileSync(path.join(__dirname, '../../../../docs/guide.md'), 'utf8').replace(/\s+/g, ' ');
  for (const { title, words } of FIRST_VISIT) expect(written).toContain(`**${title}.** ${words}`);
  for (const { title, words } of ANSWERS) {
    expect(written).toContain(`## ${title}`);
    for (const paragraph of words) expect(written).toContain(paragraph);
  }
});

test('pictures that the guide names are there', () => {
  const folder = path.join(__dirname, '../../../../docs');
  const written = readFileSync(path.join(folder, 'guide.md'), 'utf8');
  const named = [...written.matchAll(/\]\((screenshots\/[\w-]+\.png)\)/g)].map(([, file]) => file!);
  expect(named.length).toBeGreaterThan(4);
  for (const file of named) expect(readFileSync(path.join(folder, file)).subarray(1, 4).toString()).toBe('PNG');
});

test('ten steps, drawn with the marks and the drawings themselves', () => {
  renderThemed(<GuidePage />);
  expect(FIRST_VISIT).toHaveLength(10);
  for (const { title } of FIRST_VISIT) expect(screen.getByText(title)).toBeTruthy();
  expect(screen.getByText('not enough data')).toBeTruthy();
  fireEvent.press(screen.getByText('Start a quick check'));
  expect(router.push).toHaveBeenCalledWith('/quick');
  expect(screen.getByLabelText(/^Pressure profile/)).toBeTruthy();
});
