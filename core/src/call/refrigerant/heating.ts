import type { VerdictWord } from '../../base/verdict';
import { shownText, shownWords } from '../../base/words';
import type { Ladder } from './ladder';

/** A figure of a heat pump that heats, with how it stands. */
export interface HeatingLine {
  readonly id: 'boilingUnder' | 'outdoorSuperheat' | 'condensingOverReturn' | 'heatPumpRise';
  readonly word: VerdictWord;
  readonly sentence: string;
}

/** Usual figures of a heat pump in heating, °F (J): the manufacturer's own go before them. */
const USUAL = {
  condensingOverReturn: { low: 30, high: 45 },
  boilingUnder: { low: 10, high: 20 },
  superheat: { low: 3, high: 15 },
} as const;
/** (J) Capacity a nominal ton, Btu/h: at 47 °F outdoors, and as a share of it at 17. */
const RATED = { outdoorF: 47, btuH: 12_000 } as const;
const COLD = { outdoorF: 17, share: 0.62 } as const;
/** (J) One σ of the rise a heat pump gives, as a share of it. */
const RISE_SIGMA = 0.15;

/**
 * Heat a heat pump gives a nominal ton, Btu/h, straight between its two rated points and on.
 *
 * @param outdoorF −10 to 70 °F; held at its ends beyond
 * @source capacity about 12,000 Btu/h at 47 °F, 60 to 65 % of that at 17 °F (J)
 * @example heatPumpBtuH(17) // 7,440
 */
function heatPumpBtuH(outdoorF: number): number {
  const at = Math.min(70, Math.max(-10, outdoorF));
  const slope = (RATED.btuH * (1 - COLD.share)) / (RATED.outdoorF - COLD.outdoorF);
  return RATED.btuH + slope * (at - RATED.outdoorF);
}

const degrees = (f: number) => shownWords(f, 'deltaF', 0);
const wordOf = (value: number, { low, high }: { readonly low: number; readonly high: number }): VerdictWord =>
  value >= low && value <= high ? 'inside' : value >= low - 3 && value <= high + 3 ? 'atTheEdge' : 'outside';
const range = ({ low, high }: { readonly low: number; readonly high: number }) =>
  `typically ${low} to ${degrees(high)}`;

/**
 * What a heat pump shows while it heats: the outdoor coil boils, the indoor coil condenses. No charge is judged by it.
 *
 * @param air airflow in CFM and nominal tons, where they are known: for the rise
 * @example condensing 118 °F on return air of 70 °F → 48 °F over the return: high head, airflow first
 */
export function heatingLines(
  { marks, gaps, supplyF }: Ladder,
  air: { readonly flowCfm?: number; readonly tons?: number },
): readonly HeatingLine[] {
  const at = (id: 'bubble' | 'dew' | 'outdoor' | 'return') => marks.get(id)?.tempF;
  const lines: HeatingLine[] = [];
  const [bubble, dew, outdoor, ret] = [at('bubble'), at('dew'), at('outdoor'), at('return')];
  if (bubble !== undefined && ret !== undefined) {
    const over = bubble - ret;
    const word = wordOf(over, USUAL.condensingOverReturn);
    const meaning =
      word === 'inside'
        ? ''
        : over > USUAL.condensingOverReturn.high
          ? ' High head in heating: check airflow first (filter, coil, speed), then charge.'
          : ' Low head: check charge, reversing valve and ice on the outdoor coil.';
    lines.push({
      id: 'condensingOverReturn',
      word,
      sentence: `Condensing ${degrees(over)} above return air, ${range(USUAL.condensingOverReturn)}.${meaning}`,
    });
  }
  if (dew !== undefined && outdoor !== undefined) {
    const under = outdoor - dew;
    const word = wordOf(under, USUAL.boilingUnder);
    const meaning =
      word === 'inside'
        ? ''
        : under > USUAL.boilingUnder.high
          ? ' Check the outdoor coil for ice and dirt, its fan, and charge.'
          : '';
    lines.push({
      id: 'boilingUnder',
      word,
      sentence: `Evaporating ${degrees(under)} below outdoor air, ${range(USUAL.boilingUnder)}.${meaning}`,
    });
  }
  const superheat = gaps.get('superheat')?.valueF;
  if (superheat !== undefined)
    lines.push({
      id: 'outdoorSuperheat',
      word: wordOf(superheat, USUAL.superheat),
      sentence: `Superheat at the outdoor coil ${degrees(superheat)}, ${range(USUAL.superheat)}.`,
    });
  if (supplyF !== undefined && ret !== undefined) {
    const rise = supplyF - ret;
    const { flowCfm, tons } = air;
    if (flowCfm === undefined || tons === undefined || outdoor === undefined)
      lines.push({
        id: 'heatPumpRise',
        word: 'cantSay',
        sentence: `Rise ${degrees(rise)}. Missing: airflow, tons and outdoor temperature to judge it.`,
      });
    else {
      const expected = (tons * heatPumpBtuH(outdoor)) / (1.08 * flowCfm);
      const band = { low: expected * (1 - 2 * RISE_SIGMA), high: expected * (1 + 2 * RISE_SIGMA) };
      lines.push({
        id: 'heatPumpRise',
        word: wordOf(rise, band),
        sentence: `Rise ${degrees(rise)}; expected about ${degrees(expected)} at ${shownText(outdoor, 'degF', 0)}° outdoors without strips.`,
      });
    }
  }
  return lines;
}
