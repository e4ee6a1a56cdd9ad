import type { VisitDto } from '@huff/contract';
import {
  flowWords,
  FLOW_METHOD_IDS,
  flowText,
  MOTOR_METHOD,
  oddsText,
  PROVEN_METHOD,
  TABLE_METHOD,
  toolOf,
  USUAL_METHOD,
  type FlowEstimate,
  type FlowMethodId,
  sentenceCase,
} from '@huff/core';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Icon } from '../../../ui/icons';
import { Sheet } from '../../../ui/sheet';
import { VERDICT_TEXT, VerdictMark } from '../../../ui/marks';
import { ReconcileChart } from '../../../ui/reconcile';
import { Choice } from '../../../ui/form';
import { Heading, Txt } from '../../../ui/text';
import { usePalette } from '../../../ui/theme';
import { withFact } from '../../visitState/newFact';
import type { Assessment } from '../../visitState/useAssessment';

/** Airflows that come from what was read elsewhere, in words. */
const FROM_ELSEWHERE: Readonly<Record<string, string>> = {
  [MOTOR_METHOD]: 'Amps give horsepower; the blower table gives airflow for it.',
  [PROVEN_METHOD]: 'The unit’s verified point, scaled to today’s static.',
};

interface AirflowStationProps {
  readonly visit: VisitDto;
  readonly assessment: Assessment;
  readonly onVisit: (visit: VisitDto) => void;
  readonly onMethod: (method: FlowMethodId) => void;
}

/** Every airflow there is on one scale, what they agree on, and the ways to another one. */
export function AirflowStation({ visit, assessment, onVisit, onMethod }: AirflowStationProps) {
  const palette = usePalette();
  const { estimates, flow, judgement, airflow } = assessment;
  const [aside, setAside] = useState<FlowEstimate>();
  const known = new Map(estimates.map((e) => [e.id, e]));
  const putAside = (method: string, reason: string) => {
    onVisit(withFact(visit, 'setAside', { method, reason }, new Date()));
    setAside(undefined);
  };
  return (
    <View style={{ gap: 16 }}>
      <View style={{ gap: 4 }}>
        {flow ? (
          <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
            <VerdictMark word={airflow.word} size={22} />
            <Heading size={17}>
              {sentenceCase(VERDICT_TEXT[airflow.word])}
              {airflow.odds === undefined ? '' : `: ${oddsText(airflow.odds)} likely within target`}
            </Heading>
          </View>
        ) : (
          <Heading size={17}>No airflow yet</Heading>
        )}
        <Txt size={15} figures>
          {airflow.sentence}
        </Txt>
      </View>
      {estimates.length > 0 && <ReconcileChart estimates={estimates} flow={flow} target={judgement.target} />}
      <View>
        <Heading size={17} style={{ paddingBottom: 6 }}>
          Methods
        </Heading>
        <MethodRow
          name="Blower table"
          says={
            known.has(TABLE_METHOD)
              ? 'From static and tap, by the blower table.'
              : visit.table
                ? judgement.tespInWc === undefined
                  ? judgement.tesp.sentence
                  : airflow.sentence
                : 'No table: use another method, or the typical airflow.'
          }
          estimate={known.get(TABLE_METHOD)}
          onAside={setAside}
          onBack={() => putAside(TABLE_METHOD, '')}
        />
        {[MOTOR_METHOD, PROVEN_METHOD, USUAL_METHOD].map((id) => {
          const estimate = known.get(id);
          return (
            estimate && (
              <MethodRow
                key={id}
                name={estimate.name}
                says={FROM_ELSEWHERE[id] ?? ''}
                estimate={estimate}
                onAside={setAside}
                onBack={() => putAside(id, '')}
              />
            )
          );
        })}
        {FLOW_METHOD_IDS.map((id) => {
          const tool = toolOf(id)!;
          return (
            <MethodRow
              key={id}
              name={tool.name}
              says={tool.says}
              estimate={known.get(id)}
              onOpen={() => onMethod(id)}
              onAside={setAside}
              onBack={() => putAside(id, '')}
            />
          );
        })}
      </View>
      <Sheet open={aside !== undefined} onClose={() => setAside(undefined)} title={`Exclude: ${aside?.name ?? ''}`}>
        {aside && (
          <View style={{ gap: 10 }}>
            <Txt size={15} style={{ color: palette.softInk }}>
              It stays in the log with the reason, but does not count.
            </Txt>
            <Choice
              label="Reason"
              options={[...aside.doubts, 'Measured under other conditions', 'Instrument in doubt'].map((text) => ({
                id: text,
                text,
              }))}
              onChoose={(reason) => putAside(aside.id, reason)}
            />
          </View>
        )}
      </Sheet>
    </View>
  );
}

interface MethodRowProps {
  readonly name: string;
  readonly says: string;
  readonly estimate?: FlowEstimate;
  readonly onOpen?: () => void;
  readonly onAside: (estimate: FlowEstimate) => void;
  readonly onBack: () => void;
}

function MethodRow({ name, says, estimate, onOpen, onAside, onBack }: MethodRowProps) {
  const palette = usePalette();
  const off = estimate?.setAside !== undefined;
  return (
    <View style={{ borderTopWidth: 1, borderColor: palette.line, paddingVertical: 8 }}>
      <Pressable
        role="button"
        disabled={!onOpen}
        aria-label={`${name}${estimate ? `, ${flowWords(estimate.flowCfm)}` : ''}${onOpen ? ': open' : ''}`}
        onPress={onOpen}
        style={{ minHeight: 48, flexDirection: 'row', alignItems: 'center', gap: 10 }}
      >
        <View style={{ flex: 1 }}>
          <Txt size={17} bold={estimate !== undefined && !off}>
            {name}
          </Txt>
          <Txt size={14} color="softInk">
            {off ? `Excluded: ${estimate.setAside}` : (estimate?.doubts[0] ?? says)}
          </Txt>
        </View>
        {estimate && (
          <View style={{ alignItems: 'flex-end' }}>
            <Txt size={18} bold figures style={off && { textDecorationLine: 'line-through' }}>
              {flowText(estimate.flowCfm)}
            </Txt>
            <Txt size={14} color="softInk" figures>
              ± {Math.round(estimate.sigmaShare * 100)} %
            </Txt>
          </View>
        )}
        {onOpen && <Icon name="chevron-right" size={22} />}
      </Pressable>
      {estimate && !estimate.unfit && estimate.basis !== 'usual' && (
        <Pressable
          role="button"
          aria-label={off ? `Count ${name} again` : `Exclude ${name}`}
          onPress={() => (off ? onBack() : onAside(estimate))}
          style={{ minHeight: 48, justifyContent: 'center', alignSelf: 'flex-start' }}
        >
          <Txt size={15} bold color="action">
            {off ? 'Include it again' : 'Exclude'}
          </Txt>
        </Pressable>
      )}
    </View>
  );
}
