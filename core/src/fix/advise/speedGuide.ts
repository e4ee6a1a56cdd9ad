import { tapRow, type BlowerTable, type MotorKind } from '../../air/fan';
import { flowWords, staticWords } from '../../base/words';

/** How a speed is changed on a kind of motor: what is moved, what is capped, what to check. */
export interface SpeedGuide {
  readonly headline: string;
  readonly steps: readonly string[];
  /** How heating's speed is kept apart. */
  readonly heating: string;
  /** What must not be forgotten. */
  readonly mind: string;
}

export interface SpeedChange {
  readonly motor: MotorKind;
  readonly table: BlowerTable;
  readonly from: string;
  readonly to: string;
  /** The tap heating runs on, where it is known. */
  readonly heatTap?: string;
}

/** What a switch setting asks for: the most it moves in the blower table, CFM. */
function asked(table: BlowerTable, tap: string): number | undefined {
  const flows = tapRow(table, tap)?.flowsCfm.filter((flow) => flow !== null) ?? [];
  return flows.length === 0 ? undefined : Math.max(...flows);
}

/**
 * The static up to which a constant-airflow motor holds its request, in. w.c.: past it the row falls by more than a share.
 *
 * @param share how far the airflow may fall and still be held
 * @example giveUpStatic(packaged 60, 'A') // 0.7: 2,050 asked, 1,930 at 0.8
 */
export function giveUpStatic(table: BlowerTable, tap: string, share = 0.03): number | undefined {
  const row = tapRow(table, tap);
  const most = asked(table, tap);
  if (!row || most === undefined) return undefined;
  const held = row.flowsCfm.findLastIndex((flow) => flow !== null && flow >= (1 - share) * most);
  return held < 0 ? undefined : table.staticsInWc[held];
}

/** A switch setting: what it asks for, and how far it holds. */
export interface SwitchSetting {
  readonly tap: string;
  readonly askedCfm: number;
  /** in. w.c.; past it the airflow falls. */
  readonly holdsToInWc: number;
  /** It holds to the end of the blower table. */
  readonly holdsThroughout: boolean;
}

/**
 * The switch table of a constant-airflow blower: what each setting asks for, CFM, and up to which static it holds it, in. w.c.
 *
 * @source the manufacturer's blower table; held is within 3 % of what is asked
 * @example switchSettings(packaged60)[3] // { tap: 'A', askedCfm: 2050, holdsToInWc: 0.7, holdsThroughout: false }
 */
export function switchSettings(table: BlowerTable): SwitchSetting[] {
  return table.taps.flatMap(({ tap, flowsCfm }): SwitchSetting[] => {
    const [askedCfm, holdsToInWc] = [asked(table, tap), giveUpStatic(table, tap)];
    if (askedCfm === undefined || holdsToInWc === undefined) return [];
    const last = table.staticsInWc[flowsCfm.findLastIndex((flow) => flow !== null)];
    return [{ tap, askedCfm, holdsToInWc, holdsThroughout: holdsToInWc === last }];
  });
}

const HEAT_APART = (heatTap: string | undefined) =>
  heatTap === undefined
    ? 'Cooling and heating speeds are set separately. Find the lead or tap the heat call uses, and leave it.'
    : `Heating stays on ${heatTap}.`;

/**
 * Words for changing the speed, by motor kind, down to which wire.
 *
 * @source field practice for multi-tap PSC, constant-torque, constant-airflow motors and belt drives
 */
export function speedGuide({ motor, table, from, to, heatTap }: SpeedChange): SpeedGuide {
  switch (motor) {
    case 'psc':
      return {
        headline: `Line-voltage lead: ${from} to ${to}`,
        steps: [
          'Shut off power at the disconnect, verify it is dead, discharge the run capacitor.',
          `At the board or relay, take the ${from} lead off the cooling terminal and put the ${to} lead there.`,
          `Cap the ${from} lead and every other unused lead separately. Never have two speed leads live together.`,
          'On a fan relay: normally open contact is fan and cooling speed; normally closed is heating speed.',
          'Power on: check rotation, amps below nameplate, and that heating still runs its own speed.',
        ],
        heating: HEAT_APART(heatTap),
        mind: 'Check the run capacitor first: a weak one slows the motor on every tap.',
      };
    case 'constantTorque':
      return {
        headline: `24 V lead: tap ${from} to tap ${to}`,
        steps: [
          'Shut off power at the disconnect and verify it is dead. Line voltage is always on this motor.',
          `At the motor’s plug, move the cooling call’s 24 V lead from tap ${from} to tap ${to}. Line leads stay unchanged.`,
          'One tap per call. If the heat or fan call uses that tap too, move its lead first.',
          'Power on, call for cooling: check 24 V between the tap and common, then measure static again.',
        ],
        heating: HEAT_APART(heatTap),
        mind: 'It holds torque, not airflow. As static rises, airflow falls; watts fall only a little.',
      };
    case 'constantAirflow': {
      const [then, give] = [asked(table, to), giveUpStatic(table, to)];
      return {
        headline: `Switch setting: ${from} to ${to}`,
        steps: [
          'Shut off power and wait until the board is dark. It reads the switches at start-up.',
          `Set the cooling switches from ${from} to ${to}${then === undefined ? '' : `: the request becomes ${flowWords(then)}`}.`,
          'Leave the heat and trim switches. A dehumidify switch without a sensor always cuts airflow about 15 %.',
          'Power on. Count the flashes or read the display: the request must match the setting.',
        ],
        heating: HEAT_APART(heatTap),
        mind:
          give === undefined
            ? 'It is a request. It holds only below the manufacturer’s maximum static.'
            : `It holds its request up to about ${staticWords(give)} and uses more watts. Above that, airflow falls.`,
      };
    }
    case 'beltDrive':
      return {
        headline: `Blower from ${from} to ${to} RPM`,
        steps: [
          'Lock out and tag out, verify it is dead, let the wheel stop by itself.',
          'Loosen the motor base and take the belt off. Never pry it over the rim.',
          'Loosen the set screw and turn the movable half to a flat. Half turns only, both grooves alike, never past its range.',
          'Tighten the set screw on the flat, align the sheaves, install the belt. Set tension: deflect 1/64 in. per inch of span.',
          'Power on: measure blower RPM and amps on every leg. Check again after one day.',
        ],
        heating: 'Heating runs on the same speed. Check the rise against the nameplate.',
        mind: 'Amps rise with the cube of speed. A drive set on a restricted system may overload the motor once the restriction is cleared.',
      };
  }
}
