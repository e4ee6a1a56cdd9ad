import { exampleA, fact, check } from '../testing/visit';
import { visitDocument } from '../document/visitDocument';
import { documentText } from './documentText';

test('the owner’s page as plain text: figures with what is right, headings, lists; drawings are left out', () => {
  const facts = [
    check('drainTrap', 'found'),
    fact('part', { key: 'belt:A48', name: 'Belt A48', count: 2 }),
    fact('handOver', { returnOn: '2026-12-08', returnFor: 'Filter' }),
  ];
  const { owner } = visitDocument({ visit: exampleA({ facts }), zone: 'UTC', link: 'http://huff.local/units/1' });
  const lines = documentText(owner).split('\n');
  expect(lines).toEqual(
    expect.arrayContaining([
      'Resistance to the blower: 0.58 (in. w.c.; the nameplate allows 0.50), out of range',
      'WHAT WE FOUND',
      'WHAT WE DID',
      '- Installed: 2 × Belt A48.',
      '- Filter: December 8, 2026.',
      'this unit’s record: http://huff.local/units/1',
    ]),
  );
  expect(documentText(owner)).not.toMatch(/<svg|undefined|NaN/);
});

test('a page with nothing on it is no text', () => expect(documentText([])).toBe(''));
