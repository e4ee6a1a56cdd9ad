import { causeOf, type Explanation } from '@huff/core/explain';
import { useState } from 'react';
import { useWindowDimensions, View } from 'react-native';
import { ActionButton, TextButton } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { useIsWide, usePalette } from '../../ui/theme';
import type { StepProps } from '../visitState/station';
import { CauseList, HEALTHY } from './CauseList';
import { CausesFoot } from './CausesFoot';
import { ComparedList } from './ComparedList';
import { NextList } from './NextList';
import { searchAgain, stopSearch, useExplained } from './useExplanation';

const FIT: Readonly<Record<Explanation['fit'], string>> = {
  good: 'fit good',
  fair: 'fit fair',
  poor: 'fit poor',
};

/** The first cause; a healthy unit where that is likelier than any. */
const likeliest = ({ causes: [first], healthy }: Explanation): string =>
  first && first.share >= healthy ? first.id : HEALTHY;

/** What best explains everything that was read and seen, what it predicts, and the reading that would tell more. */
export function CausesStep({ width, acts, frame }: StepProps) {
  const wide = useIsWide();
  const page = useWindowDimensions();
  const { request, why, answer, progress, stopped } = useExplained();
  const [chosen, setChosen] = useState<string>();
  const nothingRead = request && request.evidence.length === 0 && request.looks.length === 0;
  const cause = chosen ?? (answer && likeliest(answer));
  const explanation = answer?.explanations.find(({ causes }) =>
    cause === HEALTHY ? causes.length === 0 : cause !== undefined && causes.includes(cause),
  );
  const best = answer?.next[0]?.option.readings ?? [];
  const compared = request && explanation && !nothingRead && (
    <ComparedList
      request={request}
      explanation={explanation}
      unread={best}
      width={wide ? Math.min(720, page.width - 760) : width}
    />
  );
  const next = request && answer && !nothingRead && (
    <NextList request={request} answer={answer} onMeasure={acts.measure} />
  );
  const settling = cause === undefined ? undefined : causeOf(cause)?.settledBy.tells;
  const body = why ? (
    <Txt>{why}</Txt>
  ) : nothingRead ? (
    <Txt>No readings yet. Measure static pressure first: it narrows the causes most.</Txt>
  ) : answer ? (
    <View style={{ gap: 20 }}>
      {answer.fit === 'poor' && <Txt>These readings do not fit together. Re-measure the ones marked with a ring.</Txt>}
      <CauseList answer={answer} chosen={cause} onChoose={setChosen} />
      {!wide && compared}
      {settling && explanation && (
        <Txt size={15} color="softInk">
          {`To be sure: ${settling}`}
        </Txt>
      )}
      {!wide && next}
    </View>
  ) : (
    <Txt color="softInk">Comparing causes…</Txt>
  );
  return frame({
    main: (
      <View style={{ gap: 10 }}>
        <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 10 }}>
          <Heading size={19} style={{ flex: 1 }}>
            What explains your readings
          </Heading>
          {answer && !nothingRead && !why && (
            <Txt size={14} color="softInk">
              {FIT[answer.fit]}
            </Txt>
          )}
        </View>
        <SearchLine progress={progress} stopped={stopped} onStop={stopSearch} onAgain={searchAgain} />
        {body}
      </View>
    ),
    side: (
      <>
        {compared}
        {next}
      </>
    ),
    foot:
      request && answer && !nothingRead ? (
        <CausesFoot request={request} answer={answer} acts={acts} />
      ) : (
        // What is missing is entered there: equipment, then static.
        <View style={{ padding: 16 }}>
          <ActionButton onPress={() => acts.goTo('pressure')}>Go to Pressure</ActionButton>
        </View>
      ),
  });
}

interface SearchLineProps {
  readonly progress: number | undefined;
  readonly stopped: boolean;
  readonly onStop: () => void;
  readonly onAgain: () => void;
}

/** How far the search is; it can be stopped and begun again. The line keeps its place, so that nothing jumps when it ends. */
function SearchLine({ progress, stopped, onStop, onAgain }: SearchLineProps) {
  const palette = usePalette();
  if (stopped)
    return (
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12, minHeight: 48 }}>
        <Txt size={15} color="softInk" style={{ flex: 1 }}>
          Search stopped: pairs of causes may be missing.
        </Txt>
        <TextButton onPress={onAgain}>Search again</TextButton>
      </View>
    );
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12, minHeight: 6 }}>
      <View
        role="progressbar"
        aria-label="Comparing causes"
        aria-valuenow={Math.round(100 * (progress ?? 1))}
        style={{ flex: 1, height: 4, backgroundColor: progress === undefined ? 'transparent' : palette.trough }}
      >
        {progress !== undefined && (
          <View style={{ height: 4, width: `${100 * progress}%`, backgroundColor: palette.supply }} />
        )}
      </View>
      {progress !== undefined && progress < 0.6 && <TextButton onPress={onStop}>Stop</TextButton>}
    </View>
  );
}
