import { fireEvent, screen } from '@testing-library/react-native';
import type { FlowEstimate, Verdict } from '@huff/core';
import { Text } from 'react-native';
import { renderThemed } from '../testing/render';
import { DropDrawing } from './drop';
import { Choice } from './form';
import { VERDICT_TEXT, VerdictMark } from './marks';
import { ActionButton } from './page';
import { Sheet } from './sheet';
import { ReconcileChart, reconcileSentence } from './reconcile';
import { StationRun } from './stations';
import { TraverseDrawing } from './traverse';
import { traversePlan, valueText } from '@huff/core';
import { WorkingSheet } from './working';

test('a verdict is heard by its word, whatever its colour', () => {
  for (const word of ['inside', 'atTheEdge', 'outside', 'cantSay'] as const) {
    renderThemed(<VerdictMark word={word} />);
    expect(screen.getByLabelText(VERDICT_TEXT[word])).toBeTruthy();
  }
});

describe('the run of stations', () => {
  const stations = [
    { id: 'look', name: 'Look', state: 'started' as const },
    { id: 'drop', name: 'Drop', state: 'empty' as const, lacks: 'Lacks the temperatures.' },
  ];
  test('says how far each is and what it lacks, and leads to it', () => {
    const onGo = jest.fn();
    renderThemed(<StationRun stations={stations} here="look" onGo={onGo} />);
    expect(screen.getByLabelText('Look, begun')).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Drop, not begun. Lacks the temperatures.'));
    expect(onGo).toHaveBeenCalledWith('drop');
  });
  test('says where one is, and lists every step a touch away', () => {
    const onGo = jest.fn();
    const aside = { id: 'heat', name: 'Heat', state: 'empty' as const, isAside: true };
    renderThemed(<StationRun stations={[...stations, aside]} here="drop" onGo={onGo} />);
    fireEvent.press(screen.getByLabelText('Step 2 of 2, Drop: all steps'));
    expect(screen.getByText('Other steps')).toBeTruthy();
    expect(screen.getByText('Lacks the temperatures.')).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Go to Heat: not begun'));
    expect(onGo).toHaveBeenCalledWith('heat');
    expect(screen.queryByText('Other steps')).toBeNull();
  });
});

describe('the working', () => {
  const verdict: Verdict = {
    word: 'outside',
    unit: 'cfm',
    value: 940.2,
    limit: { low: 1080, high: 1320, source: 'shopSetting', name: 'target band' },
    sentence: '940 CFM, 313 per ton: below the band.',
    working: {
      formula: 'airflow from the blower table',
      inputs: [
        { name: 'external static', value: 0.58, unit: 'inWc', source: 'computed' },
        { name: 'nameplate maximum', value: 0.5, unit: 'inWc', source: 'assumed' },
      ],
    },
    readingIds: [],
  };

  test('names the formula, each input with its source, the result and the limit with its source', () => {
    renderThemed(<WorkingSheet title="Airflow" verdict={verdict} onClose={jest.fn()} />);
    expect(screen.getByText('airflow from the blower table')).toBeTruthy();
    expect(screen.getByText('940 CFM')).toBeTruthy();
    expect(screen.getByText('1,080 to 1,320 CFM')).toBeTruthy();
    expect(screen.getByText('shop setting')).toBeTruthy();
  });

  test('an assumed value looks different', () => {
    renderThemed(<WorkingSheet title="Airflow" verdict={verdict} onClose={jest.fn()} />);
    expect(screen.getByText('0.50 in. w.c.')).toHaveStyle({ textDecorationStyle: 'dotted' });
    expect(screen.getByText('0.58 in. w.c.')).not.toHaveStyle({ textDecorationStyle: 'dotted' });
  });

  test.each([
    [0.32, 'share', '32 %'],
    [3, 'tons', '3 tons'],
    [23.94, 'deltaF', '23.9 °F'],
    [1083, 'fpm', '1,083 fpm'],
  ] as const)('%p %s reads %s', (value, unit, text) => expect(valueText(value, unit)).toBe(text));
});

describe('sheets and buttons', () => {
  test('a closed sheet draws nothing; an open one can be closed', () => {
    const onClose = jest.fn();
    const sheet = (open: boolean) => (
      <Sheet open={open} onClose={onClose} title="The unit">
        <Text>inside</Text>
      </Sheet>
    );
    renderThemed(sheet(false));
    expect(screen.queryByText('in range')).toBeNull();
    renderThemed(sheet(true));
    fireEvent.press(screen.getByLabelText('Close'));
    expect(onClose).toHaveBeenCalledTimes(1);
  });

  test('a button that cannot be used does nothing', () => {
    const onPress = jest.fn();
    renderThemed(
      <ActionButton onPress={onPress} disabled aside="2 taps">
        Save table
      </ActionButton>,
    );
    fireEvent.press(screen.getByText('Save table'));
    expect(onPress).not.toHaveBeenCalled();
    expect(screen.getByText('2 taps')).toBeTruthy();
  });

  test('one of a few: the chosen one is checked', () => {
    const onChoose = jest.fn();
    const options = [
      { id: 'wet', text: 'wet' },
      { id: 'dry', text: 'dry' },
    ] as const;
    renderThemed(<Choice label="Coil" options={options} chosen="wet" onChoose={onChoose} />);
    expect(screen.getByRole('radio', { name: 'wet', checked: true })).toBeTruthy();
    expect(screen.getByRole('radio', { name: 'dry', checked: false })).toBeTruthy();
    fireEvent.press(screen.getByText('dry'));
    expect(onChoose).toHaveBeenCalledWith('dry');
  });
});

describe('drawings are heard as sentences', () => {
  const estimate = (name: string, flowCfm: number): FlowEstimate => ({
    id: name,
    name,
    flowCfm,
    sigmaShare: 0.06,
    doubts: [],
  });

  test('methods of airflow', () => {
    const estimates = [estimate('Blower table', 940), estimate('Duct traverse', 1000)];
    const counted = ['Blower table', 'Duct traverse'];
    const flow = { flowCfm: 968, sigmaCfm: 41, counted, measured: true, usualOnly: false, dropOnly: false };
    expect(reconcileSentence(estimates, flow)).toBe(
      '968 ± 41 CFM out of Blower table 940 ± 6 %, Duct traverse 1,000 ± 6 %.',
    );
    renderThemed(<ReconcileChart estimates={[]} />);
    expect(screen.getByLabelText('No airflow yet.')).toBeTruthy();
  });

  test('a temperature drop', () => {
    renderThemed(
      <DropDrawing returnF={75.2} supplyF={51.3} band={{ low: 48, high: 53 }} bandName="predicted" width={358} />,
    );
    expect(
      screen.getByLabelText(
        'Return 75.2 °F, supply 51.3 °F: a drop of 23.9 °F. The supply should be 48.0 to 53.0, predicted.',
      ),
    ).toBeTruthy();
    renderThemed(<DropDrawing bandName="predicted" width={358} />);
    expect(screen.getByLabelText('The temperature drop has not been read.')).toBeTruthy();
  });

  test('a traverse with its tape marks', () => {
    const duct = { shape: 'rectangle', widthIn: 20, heightIn: 10 } as const;
    renderThemed(<TraverseDrawing duct={duct} plan={traversePlan(duct, 'points')} done={7} />);
    expect(
      screen.getByLabelText(/^Traverse of a 20 × 10 in. duct: 25 points, 7 read. Tape marks ¾ · 2 ⅞/),
    ).toBeTruthy();
    const round = { shape: 'round', diameterIn: 12 } as const;
    renderThemed(<TraverseDrawing duct={round} plan={traversePlan(round, 'sweep')} done={0} />);
    expect(screen.getByLabelText('Traverse of a 12 in. round duct: 3 sweeps, 0 read.')).toBeTruthy();
  });
});
