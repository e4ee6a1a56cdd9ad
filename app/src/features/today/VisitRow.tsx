import type { VisitDto } from '@huff/contract';
import { currentPart } from '@huff/contract/judge';
import { flowText, staticText, type VerdictWord } from '@huff/core';
import { format } from 'date-fns/format';
import { Link } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import type { Kept } from '../../data/saved';
import { Icon } from '../../ui/icons';
import { VERDICT_TEXT, VerdictMark } from '../../ui/marks';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { splitTitle } from '../check/motorText';
import { useAssessment } from '../check/useAssessment';

/** A visit in the list: where, when, what was found and what to do. */
export function VisitRow({ kept }: { readonly kept: Kept<VisitDto> }) {
  const palette = usePalette();
  const { record: visit, sending } = kept;
  const { judgement, airflow, flow, advice } = useAssessment(useMemo(() => currentPart(visit), [visit]));
  const { name, site } = splitTitle(visit.title);
  const { tespInWc, tesp } = judgement;
  return (
    <Link
      href={`/visits/${visit.id}`}
      aria-label={`${visit.title}, ${format(visit.startedAt, 'd MMM HH:mm')}. ${advice.headline}`}
      style={{
        display: 'flex',
        flexDirection: 'column',
        borderTopWidth: 1,
        borderColor: palette.line,
        paddingVertical: 10,
        gap: 3,
      }}
    >
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
        <Txt size={17} bold style={{ flex: 1 }} numberOfLines={1}>
          {name}
        </Txt>
        {sending !== 'sent' && (
          <Icon
            name={sending === 'refused' ? 'alert-outline' : 'cloud-upload-outline'}
            size={20}
            color={palette.action}
          />
        )}
        <Txt size={14} color="softInk" figures>
          {format(visit.startedAt, 'HH:mm')}
        </Txt>
      </View>
      {site !== undefined && (
        <Txt size={14} color="softInk" numberOfLines={1}>
          {site}
        </Txt>
      )}
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 18 }}>
        <Found word={tesp.word} text={`${tespInWc === undefined ? '–' : staticText(tespInWc)} in. w.c.`} />
        <Found
          word={airflow.word}
          text={flow ? `${flowText(flow.flowCfm)} ± ${flowText(flow.sigmaCfm)} CFM` : '– CFM'}
        />
      </View>
      <Txt size={15} color="softInk">
        {advice.headline}
      </Txt>
    </Link>
  );
}

function Found({ word, text }: { readonly word: VerdictWord; readonly text: string }) {
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 6 }} aria-label={`${text}, ${VERDICT_TEXT[word]}`}>
      <VerdictMark word={word} size={16} />
      <Txt bold figures>
        {text}
      </Txt>
    </View>
  );
}
