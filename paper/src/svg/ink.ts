/** Colours of paper: those of the daylight theme on white. */
export const INK = {
  paper: '#FFFFFF',
  line: '#CFCBC0',
  ink: '#1B2320',
  soft: '#46504B',
  suction: '#5A4A9C',
  supply: '#00706B',
  action: '#A6461A',
  edge: '#F2D9A0',
} as const;
