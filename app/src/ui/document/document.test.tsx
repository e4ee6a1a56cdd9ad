import { screen } from '@testing-library/react-native';
import { renderThemed } from '../../testing/render';
import { BlockView } from '.';

const draw = (block: Parameters<typeof BlockView>[0]['block']) => renderThemed(<BlockView block={block} width={358} />);

test('a table has its heads and every cell, a table without heads its cells alone', () => {
  draw({ kind: 'table', head: ['Section', 'then'], rows: [['Filter', '0.15']], figures: [1], shares: [2, 1] });
  for (const text of ['Section', 'then', 'Filter', '0.15']) expect(screen.getByText(text)).toBeTruthy();
  draw({ kind: 'table', head: [], rows: [['Kind', 'air handler']] });
  expect(screen.getByText('air handler')).toBeTruthy();
});

test('a verdict has its mark in words, and the lines behind it', () => {
  draw({
    kind: 'verdict',
    word: 'outside',
    name: 'Static',
    text: '0.58 in. w.c.',
    lines: ['The nameplate allows 0.50.'],
  });
  expect(screen.getByText('Static: 0.58 in. w.c.')).toBeTruthy();
  expect(screen.getByText('The nameplate allows 0.50.')).toBeTruthy();
});

test('a figure is heard whole: before, now, what is right, the verdict', () => {
  draw({
    kind: 'figures',
    rows: [{ name: 'Air moved', under: 'CFM; 1,080 to 1,320 is right', before: '940', now: '1,090', word: 'inside' }],
  });
  expect(screen.getByLabelText('Air moved: 940 before, 1,090 CFM; 1,080 to 1,320 is right. in range')).toBeTruthy();
});

test('a photo and a link stand on paper alone', () => {
  draw({ kind: 'photo', id: 'x', caption: 'Filter' });
  draw({ kind: 'link', url: 'http://huff.local', words: 'this unit’s record' });
  expect(screen.queryByText(/Filter|record/)).toBeNull();
});
