import { fireEvent, screen } from '@testing-library/react-native';
import type { VisitDto } from '@huff/contract';
import type { FactKind } from '@huff/core';
import { renderThemed } from '../../testing/render';
import { measured, NOW, onTap3, read } from '../../testing/visits';
import { VisitFoot } from '../resultFoot/VisitFoot';
import { withFact } from '../visitState/newFact';
import { withReading } from '../visitState/newVisit';
import { nextStep } from '../visitState/nextStep';
import { assess } from '../visitState/useAssessment';
import { AirflowStation } from './airflow/AirflowStation';
import { DropStation } from './temperatures/DropStation';
import { LookStation } from './inspect/LookStation';
import { PressureStation } from './pressure/PressureStation';
import { SpeedPane } from '../speed/SpeedPane';

jest.mock('expo-router', () => ({ Link: jest.fn(({ children }: { children: React.ReactNode }) => children) }));
jest.mock('../../data/visits', () => ({ usePhotos: () => [], addPhoto: jest.fn() }));

const fact = (visit: VisitDto, kind: FactKind, inputs: Record<string, unknown>) => withFact(visit, kind, inputs, NOW);
const traverse = {
  shape: 'rectangle',
  widthIn: 20,
  heightIn: 12,
  plan: 'sweep',
  instrument: 'velocity',
  readings: [860, 930, 820],
  beforeIn: 112,
  afterIn: 45,
};
const temperatures = { tons: 3, returnF: 75.2, moisture: 'wetBulb', returnWetF: 62.6, outdoorF: 91, supplyF: 51.3 };

describe('Inspect', () => {
  const show = (visit: VisitDto) => {
    const onVisit = jest.fn<void, [VisitDto]>();
    renderThemed(<LookStation visit={visit} assessment={assess(visit)} onVisit={onVisit} />);
    return onVisit;
  };

  test('a touch says what was seen, as a fact', () => {
    const onVisit = show(onTap3());
    fireEvent.press(screen.getByText('loaded'));
    expect(onVisit.mock.calls[0]![0].facts).toMatchObject([
      { kind: 'look', inputs: { item: 'filter', state: 'loaded' } },
    ]);
  });

  test('what was found is listed until it is fixed or declined', () => {
    const onVisit = show(fact(onTap3(), 'look', { item: 'filter', state: 'loaded' }));
    expect(screen.getByText('Filter: loaded')).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Filter, loaded: declined by the customer'));
    expect(onVisit.mock.calls[0]![0].facts!.at(-1)).toMatchObject({
      kind: 'outcome',
      inputs: { finding: 'look-filter', state: 'declined' },
    });
  });

  test('a finding that is fixed stays, struck through', () => {
    const loaded = { item: 'filter', state: 'loaded' };
    show(fact(fact(onTap3(), 'look', loaded), 'outcome', { finding: 'look-filter', state: 'dealtWith' }));
    expect(screen.getByText('Filter: loaded')).toHaveStyle({ textDecorationLine: 'line-through' });
    expect(screen.queryByText('Declined')).toBeNull();
    // As earlier facts said it.
    screen.unmount();
    show(fact(onTap3(), 'look', { ...loaded, outcome: 'dealtWith' }));
    expect(screen.getByText('Filter: loaded')).toHaveStyle({ textDecorationLine: 'line-through' });
  });

  test('a fire damper comes with its caution', () => {
    show(fact(onTap3(), 'look', { item: 'dampers', state: 'fire' }));
    expect(screen.getByText(/life-safety part: inspect and refer/)).toBeTruthy();
  });

  test('belts are requested belt drives only', () => {
    show(onTap3());
    expect(screen.queryByText('Belt')).toBeNull();
    show({ ...onTap3(), motor: 'beltDrive' });
    expect(screen.getByText('Belt')).toBeTruthy();
  });
});

describe('Pressure', () => {
  const show = (visit: VisitDto) => {
    const onPort = jest.fn();
    const onWorking = jest.fn();
    const onVisit = jest.fn<void, [VisitDto]>();
    renderThemed(
      <PressureStation
        visit={visit}
        assessment={assess(visit)}
        width={358}
        onVisit={onVisit}
        onPort={onPort}
        onWorking={onWorking}
      />,
    );
    return { onPort, onWorking, onVisit };
  };

  test('before anything is read it says where to drill and where never to', () => {
    show(onTap3());
    expect(screen.getByText(/Drill only sheet metal you can see behind/)).toBeTruthy();
    expect(screen.queryByText('Filter-out retest')).toBeNull();
  });

  test('statics read on another tap hold the verdict until somebody answers', () => {
    const onTap3Read = measured();
    const readings = onTap3Read.readings.map((one) => ({ ...one, conditions: { ...one.conditions, tap: '3' } }));
    const corrected = { ...onTap3Read, readings, tap: '4' };
    expect(assess(corrected).airflow.word).toBe('cantSay');
    const { onVisit } = show(corrected);
    fireEvent.press(screen.getByText('They were measured on tap 4'));
    const answered = onVisit.mock.calls[0]![0];
    expect(assess(answered).airflow.word).not.toBe('cantSay');
    expect(assess(answered).questions).toEqual([]);
  });

  test('ports swapped are asked about, not refused', () => {
    show(read(read(onTap3(), 'R2', 0.27), 'S1', -0.31));
    expect(screen.getByText(/R2 reads 0.27, but the return side should be negative/)).toBeTruthy();
    expect(screen.getByText(/S1 reads −0.31, but the supply side should be positive/)).toBeTruthy();
  });

  test('the retest is offered once both sides are read, and says the filter’s own drop', () => {
    const { onPort } = show(measured());
    fireEvent.press(screen.getByLabelText('Filter out, read S1'));
    expect(onPort).toHaveBeenCalledWith('S1', true);
    const out = { door: 'on', filter: 'out', coil: 'wet' } as const;
    const retested = [
      { port: 'R2' as const, staticInWc: -0.17 },
      { port: 'S1' as const, staticInWc: 0.3 },
    ].reduce((v, taken) => withReading(v, { ...taken, conditions: out, replacesId: null }, NOW), measured());
    show(retested);
    expect(screen.getByText(/the filter itself uses 0.15, not the 0.11/)).toBeTruthy();
    expect(screen.getByText('30 % of nameplate static; budget 20 %.')).toBeTruthy();
  });

  test('the other school says what is left for ducts', () => {
    show({ ...measured(), setup: { school: 'leftForDucts' } });
    expect(screen.getByText('Static left for ducts')).toBeTruthy();
    expect(screen.getByText(/never reaches the target airflow/)).toBeTruthy();
  });

  test('with the filter’s size known its face velocity is judged', () => {
    const { onWorking } = show({ ...measured(), setup: { filterWidthIn: 20, filterHeightIn: 20 } });
    fireEvent.press(screen.getByLabelText(/^Filter face: 338 fpm/));
    expect(onWorking).toHaveBeenCalledWith('Filter face', expect.objectContaining({ word: 'outside' }));
  });
});

describe('Airflow', () => {
  const show = (visit: VisitDto) => {
    const onVisit = jest.fn<void, [VisitDto]>();
    const onMethod = jest.fn();
    renderThemed(<AirflowStation visit={visit} assessment={assess(visit)} onVisit={onVisit} onMethod={onMethod} />);
    return { onVisit, onMethod };
  };

  test('every method of the trade can be opened', () => {
    const { onMethod } = show(onTap3());
    expect(screen.getByText('No airflow yet')).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Electric heat rise: open'));
    expect(onMethod).toHaveBeenCalledWith('electricHeat');
  });

  test('two that disagree are said so, and one can be excluded with a reason', () => {
    const { onVisit } = show(fact(measured(), 'traverse', traverse));
    expect(screen.getByText(/Blower table says 940, Duct traverse 1,450 CFM: further apart/)).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Exclude Duct traverse'));
    fireEvent.press(screen.getByText('Instrument in doubt'));
    expect(onVisit.mock.calls[0]![0].facts!.at(-1)).toMatchObject({
      kind: 'setAside',
      inputs: { method: 'traverse', reason: 'Instrument in doubt' },
    });
  });

  test('what was excluded stays with its reason and can count again', () => {
    const aside = fact(fact(measured(), 'traverse', traverse), 'setAside', { method: 'traverse', reason: 'elbow' });
    const { onVisit } = show(aside);
    expect(screen.getByText('Excluded: elbow')).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Count Duct traverse again'));
    expect(assess(onVisit.mock.calls[0]![0]).flow!.disagreement).toBeDefined();
  });
});

describe('Temperatures', () => {
  const show = (visit: VisitDto) => {
    const onRead = jest.fn();
    const onWorking = jest.fn();
    renderThemed(
      <DropStation visit={visit} assessment={assess(visit)} width={358} onRead={onRead} onWorking={onWorking} />,
    );
    return { onRead, onWorking };
  };

  test('nothing read: what it lacks, and the way to read it', () => {
    const { onRead } = show(measured());
    expect(screen.getByText('Missing: return and supply temperatures.')).toBeTruthy();
    fireEvent.press(screen.getByText('Measure temperatures'));
    expect(onRead).toHaveBeenCalled();
  });

  test('measured beside predicted, with the working one touch away', () => {
    const { onWorking } = show(fact(measured(), 'measuredDrop', temperatures));
    expect(screen.getByText('predicted drop')).toBeTruthy();
    expect(screen.getByLabelText(/^Return 75.2 °F, supply 51.3 °F: a drop of 23.9 °F/)).toBeTruthy();
    fireEvent.press(screen.getByLabelText(/^Temperature drop: 23.9 °F/));
    expect(onWorking).toHaveBeenCalledWith('Temperature drop', expect.objectContaining({ word: 'inside' }));
  });

  test('heating: the rise against the nameplate, or where it comes from', () => {
    show({ ...measured(), mode: 'heating' });
    expect(screen.getByText(/Measure airflow by electric or gas heat/)).toBeTruthy();
    const gas = { cuFt: 1, seconds: 36, returnF: 70, supplyF: 140 };
    show(fact({ ...measured(), mode: 'heating', setup: { riseMinF: 30, riseMaxF: 60 } }, 'gasHeat', gas));
    expect(screen.getByText(/70.0 °F rise, the nameplate allows 30 to 60. Low airflow or over-fired/)).toBeTruthy();
  });
});

test('Speed: without a system it says what is lacking', () => {
  renderThemed(<SpeedPane assessment={assess(onTap3())} />);
  expect(screen.getAllByText('Missing: static at R2 and S1.').length).toBeGreaterThan(0);
});

describe('the foot', () => {
  const show = (visit: VisitDto, saved = false) => {
    const spies = { onStep: jest.fn(), onMeasure: jest.fn(), onWorking: jest.fn() };
    const assessment = assess(visit);
    renderThemed(
      <VisitFoot
        visit={visit}
        assessment={assessment}
        step={nextStep(visit, assessment, saved)}
        quiet={saved}
        {...spies}
      />,
    );
    return spies;
  };

  test('three results, each with its mark and its working', () => {
    const { onWorking } = show(fact(measured(), 'measuredDrop', temperatures));
    fireEvent.press(screen.getByLabelText(/^TESP 0.58 in. w.c., of 0.50: out of range/));
    fireEvent.press(
      screen.getByLabelText(/^Airflow 940 CFM, ± 94, 313 per ton: out of range, 7 % likely within target/),
    );
    fireEvent.press(screen.getByLabelText(/^ΔT 23.9 °F/));
    expect(onWorking.mock.calls.map(([title]: [string]) => title)).toEqual([
      'Total external static (TESP)',
      'Airflow',
      'Temperature drop',
    ]);
  });

  test('while saving comes next, what would tell more stands above it', () => {
    const { onStep, onMeasure } = show(measured());
    fireEvent.press(screen.getByText('Save this visit'));
    expect(onStep).toHaveBeenCalled();
    fireEvent.press(screen.getByLabelText(/^Next: inspect the unit/));
    expect(onMeasure).toHaveBeenCalledWith(expect.objectContaining({ kind: 'look' }));
  });

  test('heating shows the rise in place of the drop', () => {
    show({ ...measured(), mode: 'heating' });
    expect(screen.getByLabelText(/^Rise – °F, not read/)).toBeTruthy();
  });
});
