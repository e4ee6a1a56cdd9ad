import { act, fireEvent, renderHook, screen, waitFor } from '@testing-library/react-native';
import type { VisitDto } from '@huff/contract';
import { explainVisit } from '@huff/contract/explain';
import { DEFAULT_RULES } from '@huff/core';
import { explainNow, type ExplainRequest, type Explanation } from '@huff/core/explain';
import { View } from 'react-native';
import { renderThemed } from '../../testing/render';
import { measured, onTap3, read } from '../../testing/visits';
import { nextStep } from '../visitState/nextStep';
import type { StepProps } from '../visitState/station';
import { assess } from '../visitState/useAssessment';
import { BestReading } from './BestReading';
import { CausesStep } from './CausesStep';
import { explanationStore } from './explanationStore';
import { useExplained, useExplainedNext, useExplaining } from './useExplanation';

jest.mock('../../data/useRules', () => ({
  useRules: () => jest.requireActual<{ DEFAULT_RULES: object }>('@huff/core').DEFAULT_RULES,
}));

jest.mock('../../data/useShop', () => ({ useShop: () => ({ odds: { wheelCaked: 60 } }) }));

const requestOf = (visit: VisitDto) => explainVisit(visit, DEFAULT_RULES) as ExplainRequest;
const loaded = measured();
const request = requestOf(loaded);
const answer = explainNow(request);

beforeEach(() => explanationStore.clear());

/** The step of a visit, alone. */
function show() {
  const measure = jest.fn();
  const goTo = jest.fn();
  const frame: StepProps['frame'] = ({ main, foot }) => (
    <View>
      {main}
      {foot}
    </View>
  );
  const acts = { measure, goTo } as unknown as StepProps['acts'];
  renderThemed(<CausesStep {...({ width: 358, acts, frame } as StepProps)} />);
  return { measure, goTo };
}
const known = (more: Partial<Explanation> = {}) =>
  explanationStore.set({ request, answer: { ...answer, ...more }, isCurrent: true });

describe('the step Causes', () => {
  test('names groups with how likely they are, the first one open with its causes', () => {
    known();
    show();
    const [first] = answer.groups;
    const percent = `${Math.round(100 * first!.share)} %`;
    expect(screen.getAllByLabelText(new RegExp(`, ${percent}$`)).length).toBeGreaterThan(0);
    expect(screen.getByLabelText(/^Nothing wrong, /)).toBeTruthy();
    expect(screen.getByLabelText(/^None of these, /)).toBeTruthy();
  });

  test('shows for each reading what the explanation expects, and says which do not fit', () => {
    known();
    show();
    expect(screen.getByLabelText(/^R2: −0\.31 in\. w\.c\., expected −0\.\d\d in\. w\.c\.$/)).toBeTruthy();
  });

  test('another cause that is touched shows what it expects', () => {
    known();
    show();
    fireEvent.press(screen.getByLabelText(/^Nothing wrong, /));
    expect(screen.getByRole('heading', { name: 'Nothing wrong' })).toBeTruthy();
  });

  test('the next reading begins where it is taken, with what each outcome means', () => {
    known();
    const { measure } = show();
    const [button] = screen.getAllByText(/^Next: /);
    fireEvent.press(button!);
    expect(measure).toHaveBeenCalledWith(
      expect.objectContaining({ words: expect.stringMatching(/^Next: /) as string }),
    );
  });

  test('once a cause is resolved the way leads to Fix', () => {
    known({ causes: [{ id: 'filterLoaded', share: 0.97 }] });
    const { goTo } = show();
    fireEvent.press(screen.getByText('Go to Fix'));
    expect(goTo).toHaveBeenCalledWith('fix');
  });

  test('readings that do not fit together are said to be measured again', () => {
    known({ fit: 'poor' });
    show();
    expect(screen.getByText(/^These readings do not fit together/)).toBeTruthy();
  });

  test('nothing read, or a stop: what is missing is said', () => {
    explanationStore.set({ request: requestOf(onTap3()), answer });
    const { goTo } = show();
    expect(screen.getByText(/^No readings yet/)).toBeTruthy();
    fireEvent.press(screen.getByText('Go to Pressure'));
    expect(goTo).toHaveBeenCalledWith('pressure');
    act(() => explanationStore.set({ why: 'Stop: ice. Thaw it.', request: undefined }));
    expect(screen.getByText('Stop: ice. Thaw it.')).toBeTruthy();
  });

  test('a search that was stopped says so and can begin again', () => {
    known();
    explanationStore.set({ stopped: true });
    show();
    expect(screen.getByText(/^Search stopped/)).toBeTruthy();
    expect(screen.getByText('Search again')).toBeTruthy();
  });
});

describe('explaining a visit', () => {
  test('each reading begins it anew, and the last answer stays in sight meanwhile', async () => {
    const answers: unknown[] = [];
    const hook = renderHook(
      ({ visit }: { readonly visit: VisitDto }) => {
        useExplaining(visit);
        const explained = useExplained();
        answers.push(explained.answer);
        return { explained, next: useExplainedNext() };
      },
      { initialProps: { visit: loaded } },
    );
    await waitFor(() => expect(hook.result.current.explained.answer).toBeDefined(), { timeout: 20_000 });
    expect(hook.result.current.next?.words).toMatch(/^Next: /);
    // It begins with the odds the shop set.
    expect(hook.result.current.explained.request?.odds).toEqual({ wheelCaked: 60 });
    const onMeasure = jest.fn();
    renderThemed(<BestReading onMeasure={onMeasure} />);
    fireEvent.press(screen.getByRole('button'));
    expect(onMeasure).toHaveBeenCalledWith(hook.result.current.next);
    const before = hook.result.current.explained.answer;
    const seen = answers.length;
    hook.rerender({ visit: read(loaded, 'R1', -0.1) });
    await waitFor(() => expect(hook.result.current.explained.answer).not.toBe(before), { timeout: 20_000 });
    expect(answers.slice(seen).every((one) => one !== undefined)).toBe(true);
    expect(hook.result.current.explained.request?.evidence.map(({ reading }) => reading)).toContain('R1');
    hook.unmount();
  }, 30_000);
});

describe('the next step of a visit', () => {
  const byExplanation = {
    kind: 'drop',
    words: 'Next: measure temperature drop',
    why: 'Below 18 °F: low charge.',
    minutes: 4,
  } as const;
  test('is the reading that tells most, once the static is known', () => {
    expect(nextStep(loaded, assess(loaded), true, byExplanation)).toMatchObject({ words: byExplanation.words });
  });
  test('stays the unread port before that', () => {
    const half = read(onTap3(), 'R2', -0.31);
    expect(nextStep(half, assess(half), true, byExplanation)).toMatchObject({ measure: { kind: 'port' } });
  });
});
