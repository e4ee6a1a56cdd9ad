import { splitTitle, type VisitSummary } from '@huff/contract/spine';
import { readKept, unitText, staticWords, flowWords, flowText, type VerdictWord } from '@huff/core/first';
import { Link } from 'expo-router';
import { memo } from 'react';
import { View } from 'react-native';
import type { Sending } from '../../data/useOutbox';
import type { ListedVisit } from '../../data/visits';
import { Guard } from '../../ui/guard';
import { Icon } from '../../ui/icons';
import { VERDICT_TEXT, VerdictMark } from '../../ui/marks';
import { clockText, momentText, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { WithSummary, type Computing } from '../visitState/WithSummary';

interface VisitRowProps {
  readonly visit: ListedVisit;
  readonly computed: Computing;
}

/** A visit in the list: where, when, what was found and what to do. */
export const VisitRow = memo(function VisitRow({ visit, computed }: VisitRowProps) {
  return (
    <Guard what="This visit" on={[visit]}>
      <WithSummary visit={visit} computed={computed}>
        {(summary, sending) => <SummaryRow summary={summary} sending={sending} />}
      </WithSummary>
    </Guard>
  );
});

function SummaryRow({ summary, sending }: { readonly summary: VisitSummary; readonly sending: Sending }) {
  const palette = usePalette();
  const { id, title, startedAt, staticInWc, staticWord, flowCfm, flowSigmaCfm, flowWord, headline } = summary;
  const { name, site } = splitTitle(title);
  return (
    <Link
      href={`/visits/${id}`}
      aria-label={`${title}, ${momentText(startedAt)}. ${readKept(headline)}`}
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
            name={sending === 'waiting' ? 'cloud-upload-outline' : 'alert-outline'}
            size={20}
            color={palette.action}
          />
        )}
        <Txt size={14} color="softInk" figures>
          {clockText(startedAt)}
        </Txt>
      </View>
      {site !== undefined && (
        <Txt size={14} color="softInk" numberOfLines={1}>
          {site}
        </Txt>
      )}
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 18 }}>
        <Found word={staticWord} text={staticInWc === null ? `– ${unitText('inWc')}` : staticWords(staticInWc)} />
        <Found
          word={flowWord}
          text={
            flowCfm === null || flowSigmaCfm === null
              ? `– ${unitText('cfm')}`
              : `${flowText(flowCfm)} ± ${flowWords(flowSigmaCfm)}`
          }
        />
      </View>
      <Txt size={15} color="softInk">
        {readKept(headline)}
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
