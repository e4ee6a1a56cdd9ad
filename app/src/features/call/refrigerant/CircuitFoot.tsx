import { shownWords } from '@huff/core';
import { THAW_MINUTES, type Circuit, type GateLine, type Patterns } from '@huff/core/call';
import { ActionButton } from '../../../ui/page';
import { clockText, Txt } from '../../../ui/text';
import { CallFoot } from '../CallFoot';
import { drawnMarks, fieldOfMark } from './ladderMarks';

const GATE_WORDS: Readonly<Record<GateLine['id'], string>> = {
  stop: 'Resolve first',
  mode: 'Heating figures are below',
  stage: 'Set high stage',
  outdoor: 'Enter head held up',
  air: 'Go to airflow',
  filter: 'Measure with filter in',
  doors: 'Measure with doors on',
  ice: 'Look for ice',
  coilFace: 'Go to coil',
  coil: 'Mark coil dry',
  minutes: 'Enter minutes running',
  return: 'Enter return air',
};

/** What is known of the circuit, what shuts its gate, and what comes next. */
export function CircuitFoot({
  circuit,
  shut,
  onAsk,
  onLine,
  thawAt,
  onThaw,
}: {
  readonly thawAt?: string;
  readonly onThaw: () => void;
  readonly circuit?: Circuit;
  readonly shut: readonly GateLine[];
  readonly onAsk: (field: string) => void;
  readonly onLine: (id: GateLine['id']) => void;
}) {
  const patterns = circuit?.patterns;
  const missing = drawnMarks(circuit?.ladder).find(({ tempF }) => tempF === undefined);
  // Ice goes before everything: nothing read through it is true.
  const line = shut.find(({ why }) => why?.startsWith('Ice')) ?? shut[0];
  if (line)
    return (
      <CallFoot>
        <Txt size={15} role="status">{`Not yet. ${line.why}`}</Txt>
        {line.id === 'ice' && line.why?.startsWith('Ice') ? (
          <Thaw begunAt={thawAt} onBegin={onThaw} />
        ) : (
          <ActionButton onPress={() => onLine(line.id)}>{GATE_WORDS[line.id]}</ActionButton>
        )}
      </CallFoot>
    );
  return (
    <CallFoot>
      <Txt size={15} role="status">
        {patterns
          ? foundWords(patterns)
          : circuit?.tooColdToJudge
            ? `Condensing is under ${shownWords(80, 'degF', 0)}, too low to diagnose. Block outdoor air until it nears ${shownWords(100, 'degF', 0)}, or weigh the charge in.`
            : 'Touch a mark on the drawing to enter it.'}
      </Txt>
      {circuit?.unsure !== undefined && (
        <Txt size={14} color="softInk">
          {circuit.unsure}
        </Txt>
      )}
      {missing && (
        <ActionButton
          onPress={() => onAsk(fieldOfMark(missing.id)!)}
          aside="certified only"
        >{`Next: ${missing.name}`}</ActionButton>
      )}
    </CallFoot>
  );
}

/** What the gaps say, and the least that is done first. */
function foundWords({ named, unnamed, first, read }: Patterns): string {
  if (!named) return [unnamed, first].filter(Boolean).join(' ');
  const { pattern, share } = named;
  return `${pattern.name} (${Math.round(100 * share)}% likely, ${read} gap${read === 1 ? '' : 's'} read). ${first ?? `${pattern.toDo}.`}`;
}

/** A thaw that is timed: from the touch, which is kept. */
function Thaw({ begunAt, onBegin }: { readonly begunAt?: string; readonly onBegin: () => void }) {
  const until = begunAt === undefined ? NaN : Date.parse(begunAt) + THAW_MINUTES * 60_000;
  if (Number.isNaN(until)) return <ActionButton onPress={onBegin}>{`Run fan ${THAW_MINUTES} min`}</ActionButton>;
  return <Txt bold>{`Fan only since ${clockText(begunAt!)}: check again at ${clockText(until)}.`}</Txt>;
}
