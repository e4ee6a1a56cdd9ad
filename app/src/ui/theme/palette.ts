/** Colours by what they are for. Text contrast is AA or better in both themes (tested). */
export interface Palette {
  readonly name: 'daylight' | 'attic';
  readonly paper: string;
  readonly sheet: string;
  readonly line: string;
  readonly ink: string;
  readonly softInk: string;
  readonly suction: string;
  readonly supply: string;
  readonly action: string;
  readonly onAction: string;
  readonly edge: string;
  readonly outside: string;
  /** The unused part of a bar. */
  readonly trough: string;
  readonly scrim: string;
}

export const DAYLIGHT: Palette = {
  name: 'daylight',
  paper: '#F3F1EC',
  sheet: '#FFFFFF',
  line: '#CFCBC0',
  ink: '#1B2320',
  softInk: '#46504B',
  suction: '#5A4A9C',
  supply: '#00706B',
  action: '#A6461A',
  onAction: '#FFF8F2',
  edge: '#F2D9A0',
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
