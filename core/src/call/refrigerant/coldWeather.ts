import { shownText, shownWords } from '../../base/words';
import { barometricPsia } from '../../air/moistAir';
import type { RefrigerantId } from './refrigerants';
import { saturationPsia } from './saturation';

/** Fan of the outdoor coil off and on in the cold, as condensing temperatures, °F. @source usual settings of fan-cycling controls (J) */
export const FAN_CYCLING_F = { cutOut: 90, cutIn: 110 } as const;
/** Closer than this the motor short-cycles, °F. */
const LEAST_SPREAD_F = 10;
/** Over this outdoors it should not cycle at all, °F. */
const NO_CYCLING_OVER_F = 70;

/**
 * Set points of a fan-cycling control, psig: its temperatures as pressures of the refrigerant.
 *
 * @example fanCyclingPsig('R-410A') // about { cutOutPsig: 274, cutInPsig: 365 }
 */
export function fanCyclingPsig(
  refrigerant: RefrigerantId,
  { cutOut, cutIn }: { readonly cutOut: number; readonly cutIn: number } = FAN_CYCLING_F,
  altitudeFt = 0,
): { readonly cutOutPsig: number; readonly cutInPsig: number } | undefined {
  const [low, high] = [cutOut, cutIn].map((temp) => saturationPsia(refrigerant, temp, 'bubble'));
  if (low === undefined || high === undefined) return undefined;
  const barometer = barometricPsia(altitudeFt);
  return { cutOutPsig: low - barometer, cutInPsig: high - barometer };
}

/** What is wrong with how the outdoor fan is held in the cold, in sentences. */
export function coldWeatherFindings({
  outdoorF,
  condensingF,
  fanCycles,
  cutOutF,
  cutInF,
}: {
  readonly outdoorF: number;
  readonly condensingF?: number;
  readonly fanCycles?: boolean;
  readonly cutOutF?: number;
  readonly cutInF?: number;
}): readonly string[] {
  const found: string[] = [];
  if (outdoorF < 60 && condensingF !== undefined && condensingF <= 70 && fanCycles === false)
    found.push(
      `The outdoor fan runs at ${shownWords(condensingF, 'degF', 0)} condensing and ${shownWords(outdoorF, 'degF', 0)} outdoors. The head-pressure control failed or is missing.`,
    );
  if (cutOutF !== undefined && cutInF !== undefined && cutInF - cutOutF < LEAST_SPREAD_F)
    found.push(
      `Cut-in and cut-out ${shownWords(cutInF - cutOutF, 'deltaF', 0)} apart: the fan motor will short-cycle. About ${shownText(FAN_CYCLING_F.cutOut, 'degF', 0)} off and ${shownText(FAN_CYCLING_F.cutIn, 'degF', 0)} on.`,
    );
  if (outdoorF > NO_CYCLING_OVER_F && fanCycles === true)
    found.push(
      `The outdoor fan cycles at ${shownWords(outdoorF, 'degF', 0)} outdoors: over ${shownText(NO_CYCLING_OVER_F, 'degF', 0)} it should not.`,
    );
  return found;
}
