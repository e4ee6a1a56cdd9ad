import type { VisitDto } from '@huff/contract';
import { readLogCsv, type LogColumns, type LogHead } from '@huff/contract/csv';
import { useMemo, useState } from 'react';
import { useWindowDimensions, View } from 'react-native';
import { TextButton } from '../../ui/page';
import { FullSheet } from '../../ui/sheet';
import { Txt } from '../../ui/text';
import type { Assessment } from '../visitState/useAssessment';
import { LogColumnsForm } from './LogColumnsForm';
import { LogSeriesView } from './LogSeriesView';
import { rememberColumns, rememberedColumns } from './logColumns';

/** A log that was chosen. */
export interface OpenLog {
  readonly name: string;
  readonly text: string;
  readonly head: LogHead;
}

interface LogSheetProps {
  readonly log: OpenLog;
  readonly visit: VisitDto;
  readonly assessment: Assessment;
  readonly onVisit: (visit: VisitDto) => void;
  readonly onClose: () => void;
}

/** Wider than this a chart of minutes tells no more, px. */
const WIDEST = 760;

/** A log that an instrument wrote: its columns are said once, then its steady stretches are offered as readings. */
export function LogSheet({ log, onClose, ...visit }: LogSheetProps) {
  const { head, text } = log;
  const { width } = useWindowDimensions();
  const [columns, setColumns] = useState<LogColumns | undefined>(() => rememberedColumns(head));
  const [asking, setAsking] = useState(columns === undefined);
  const [openedMs] = useState(() => Date.now());
  const read = useMemo(() => columns && readLogCsv(text, columns, openedMs), [text, columns, openedMs]);
  return (
    <FullSheet open onClose={onClose} title="Log" under={log.name}>
      <View style={{ gap: 20 }}>
        {asking || !read ? (
          <LogColumnsForm
            head={head}
            begin={columns}
            onColumns={(said) => {
              rememberColumns(head, said);
              setColumns(said);
              setAsking(false);
            }}
          />
        ) : (
          <>
            {read.leftOut > 0 && (
              <View role="alert" style={{ gap: 2 }}>
                <Txt bold>{read.leftOut === 1 ? 'One row left out.' : `${read.leftOut} rows left out.`}</Txt>
                {read.faults.map(({ line, message }) => (
                  <Txt key={line} size={14}>{`Line ${line}: ${message}`}</Txt>
                ))}
              </View>
            )}
            {read.series.length === 0 && <Txt>No values were found. Check the columns.</Txt>}
            {read.series.map((series) => (
              <LogSeriesView
                key={series.name}
                {...visit}
                series={series}
                isClock={read.isClock}
                width={Math.min(WIDEST, width - 32)}
              />
            ))}
            <TextButton onPress={() => setAsking(true)}>Change columns</TextButton>
          </>
        )}
      </View>
    </FullSheet>
  );
}
