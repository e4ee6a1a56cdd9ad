import * as fc from 'fast-check';
import { cellFigure, misread, staticFigure } from './figures';

describe('figures', () => {
  test.each([
    ['1092', { digits: '1092' }],
    ['1,O92', { digits: '1092' }],
    ['l0S4.', { digits: '1054' }],
    ['—', 'dash'],
    ['Low', undefined],
    ['7', undefined],
    ['123456', undefined],
  ])('%s in a cell', (text, figure) => expect(cellFigure(text)).toEqual(figure));
  test.each([
    ['0.10', 0.1],
    ['.5', 0.5],
    ['010', 0.1],
    ['0,3', 0.3],
    ['6.4', 0.4],
    ['©.2', 0.2],
    ['125', 125],
    ['Speed', undefined],
    ['©', undefined],
  ])('%s over a column', (text, value) => expect(staticFigure(text)).toBe(value));
  test('what looks alike is offered, and is never the figure itself', () => {
    expect(misread('1002')).toContain('1092');
    expect(misread('1107')).toContain('1197');
    expect(misread('927')).toContain('827');
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 9999 }), (value) => {
        const all = misread(String(value));
        expect(all).not.toContain(String(value));
        for (const one of all) expect(one).toMatch(/^[1-9]\d{1,4}$/);
      }),
    );
  });
});
