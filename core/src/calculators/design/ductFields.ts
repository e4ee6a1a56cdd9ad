import { flexFactor, ROUGHNESS_FT } from '../../air/duct';

export const DUCT_FIELDS = {
  material: {
    kind: 'choice',
    label: 'Duct',
    options: [
      { id: 'sheetMetal', text: 'sheet metal' },
      { id: 'fibreLined', text: 'fiber lined' },
      { id: 'flexStretched', text: 'flexible' },
    ],
  },
  compressionPercent: {
    kind: 'number',
    label: 'Flex compression',
    unit: 'percent',
    min: 0,
    max: 30,
    assumed: 4,
    hint: '4 pulled well, 15 slack, 30 crammed.',
  },
  altitudeFt: { kind: 'number', label: 'Altitude', unit: 'ft', min: -1000, max: 15_000, assumed: 0 },
} as const;

interface DuctValues {
  readonly material: keyof typeof ROUGHNESS_FT;
  readonly compressionPercent: number;
}

export const roughnessOf = (v: DuctValues) => ROUGHNESS_FT[v.material];
export const factorOf = (v: DuctValues, diameterIn: number) =>
  v.material === 'flexStretched' ? flexFactor(diameterIn, v.compressionPercent) : 1;
