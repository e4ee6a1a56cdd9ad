import { resistanceFromPoint, type System } from '@huff/core';
import { fireEvent, screen } from '@testing-library/react-native';
import { renderThemed } from '../../testing/render';
import { TABLE } from '../../testing/visits';
import { Crossing } from './Crossing';
import { crossingSentence } from './crossingSentence';

const ducts = (staticInWc: number): System => ({
  layout: 'airHandler',
  path: [{ stages: ['supplyDuct'], side: 'supply', resistance: resistanceFromPoint(staticInWc, 940, 2) }],
  fan: { motor: 'constantTorque', table: TABLE, tap: '3' },
});
const tight = ducts(0.58);
const eased = ducts(0.3);
const onTap = (system: System, tap: string): System => ({ ...system, fan: { ...system.fan, tap } });
const maxTesp = { value: 0.5, source: 'nameplate' } as const;

describe('the sentence', () => {
  test('says where they meet, where they would, what was read, the band and the limit', () => {
    const target = { flowCfm: 1200, lowCfm: 1080, highCfm: 1320 };
    const words = crossingSentence({
      now: tight,
      then: onTap(eased, '4'),
      target: target,
      maxTesp,
      proven: { flowCfm: 1170, tespInWc: 0.46 },
    });
    expect(words).toContain('On tap 3 the operating point is 940 CFM and 0.58 in. w.c.');
    expect(words).toContain('Then the operating point on tap 4');
    expect(words).toContain('Re-measured: 1,170 CFM at 0.46.');
    expect(words).toContain('range is 1,080 to 1,320 CFM. The limit is 0.50.');
  });
  test('never names a point beyond the table', () => {
    expect(crossingSentence({ now: onTap(ducts(1.4), '5'), maxTesp })).toBe(
      'Tap 5 is off its curve on this duct system.',
    );
  });
});

describe('the picture', () => {
  const show = (then?: System, proven?: { flowCfm: number; tespInWc: number }) => {
    renderThemed(<Crossing now={tight} then={then} maxTesp={maxTesp} proven={proven} />);
    fireEvent(screen.getByLabelText(/The limit is/), 'layout', {
      nativeEvent: { layout: { width: 360, height: 300 } },
    });
    const picture = JSON.stringify(screen.toJSON());
    return (text: string) => picture.split(`"content":"${text}"`).length - 1;
  };
  test('one point, and no ghost of it', () => {
    const drawn = show();
    expect([drawn('940 CFM'), drawn('now'), drawn('read')]).toEqual([1, 0, 0]);
  });
  test('what was stays as a ghost, what was read is crossed', () => {
    const drawn = show(eased, { flowCfm: 1100, tespInWc: 0.4 });
    expect([drawn('940 CFM'), drawn('now'), drawn('read')]).toEqual([0, 1, 1]);
  });
  test('where the blower table ends, it says so', () => {
    expect(show(onTap(ducts(1.4), '5'))('off the table')).toBe(1);
  });
});
