import type { ReadWord } from '../words';

/** A word in the middle of a place. */
export const word = (text: string, x: number, y: number, confidence = 95): ReadWord => ({
  text,
  confidence,
  box: { x: x - 8 * text.length, y: y - 14, width: 16 * text.length, height: 28 },
});

const STATICS = ['0.1', '0.2', '0.3', '0.4', '0.5'];
export const CELLS = [
  ['Low', '918', '880', '839', '795', '748'],
  ['Med', '1163', '1128', '1092', '1054', '1014'],
  ['High', '1445', '1414', '1382', '1349', '1315'],
  ['Max', '1601', '1574', '1546', '1518', '1489'],
];
/** The words of a photographed table. @param change what is read in place of what is printed; row −1 is the head */
export const words = (change: (text: string, row: number, column: number) => string = (text) => text) => [
  word('BLOWER', 400, 40),
  word('PERFORMANCE', 640, 40),
  ...STATICS.map((text, j) => word(change(text, -1, j), 300 + 140 * j, 120)),
  ...CELLS.flatMap(([name, ...cells], i) => [
    word(name!, 100, 200 + 70 * i),
    ...cells.map((text, j) => word(change(text, i, j), 300 + 140 * j, 200 + 70 * i)),
  ]),
];
