import type { Inks } from './shape';

/** Colors of paper: those of the daylight theme on white. */
export const INK = {
  paper: '#FFFFFF',
  sheet: '#FFFFFF',
  line: '#CFCBC0',
  ink: '#1B2320',
  softInk: '#46504B',
  suction: '#5A4A9C',
  supply: '#00706B',
  action: '#A6461A',
  edge: '#F2D9A0',
  trough: '#EDECE7',
} as const satisfies Inks;
