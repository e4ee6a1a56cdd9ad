import { INK, type Inks } from '@huff/paper/shapes';

/** Colours by what they are for. Text contrast is AA or better in both themes (tested). */
export interface Palette extends Inks {
  readonly name: 'daylight' | 'attic';
  readonly onAction: string;
  readonly outside: string;
  readonly scrim: string;
}

/** The colors of paper on a page that does not glare. */
export const DAYLIGHT: Palette = {
  ...INK,
  name: 'daylight',
  paper: '#F3F1EC',
  onAction: '#FFF8F2',
  outside: '#F6D9CC',
  trough: '#DFDCD3',
  scrim: 'rgba(27,35,32,0.5)',
};

export const ATTIC: Palette = {
  name: 'attic',
  paper: '#14181A',
  sheet: '#1D2326',
  line: '#364045',
  ink: '#F1EFE8',
  softInk: '#A8B0AC',
  suction: '#B9A8FF',
  supply: '#5FD4C6',
  action: '#FF9A66',
  onAction: '#14181A',
  edge: '#4A4023',
  outside: '#4A2A1C',
  trough: '#2A3135',
  scrim: 'rgba(0,0,0,0.6)',
};
