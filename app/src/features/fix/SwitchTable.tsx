import { ended, flowWords, staticText, unitText, type BlowerTable } from '@huff/core';
import { switchSettings } from '@huff/core/fix';
import { View } from 'react-native';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

interface SwitchTableProps {
  readonly table: BlowerTable;
  /** The setting in use, and the one that is weighed. */
  readonly now: string;
  readonly then: string;
  /** Where the system stands, in. w.c.: past what a setting holds it only costs watts. */
  readonly tespInWc?: number;
}

/** What each switch setting of a constant-airflow motor asks for, and up to which static it holds it. */
export function SwitchTable({ table, now, then, tespInWc }: SwitchTableProps) {
  const palette = usePalette();
  return (
    <View role="group" aria-label="Switch settings">
      {switchSettings(table).map(({ tap, askedCfm, holdsToInWc, holdsThroughout }) => {
        const holds = `${holdsThroughout ? 'holds past' : 'holds to'} ${staticText(holdsToInWc)}`;
        const gives = !holdsThroughout && tespInWc !== undefined && tespInWc > holdsToInWc;
        return (
          <View
            key={tap}
            accessible
            aria-label={`Setting ${tap}: requests ${flowWords(askedCfm)}, ${ended(`${holds} ${unitText('inWc')}`)}${gives ? ' Airflow falls at today’s static' : ''}`}
            style={{
              flexDirection: 'row',
              gap: 10,
              minHeight: 32,
              alignItems: 'center',
              borderTopWidth: 1,
              borderColor: palette.line,
            }}
          >
            <Txt bold={tap === then} style={{ flex: 1 }}>
              {tap === now ? `${tap}, in use` : tap}
            </Txt>
            <Txt bold={tap === then} figures>
              {flowWords(askedCfm)}
            </Txt>
            <Txt size={14} color={gives ? 'action' : 'softInk'} figures align="right" style={{ width: 118 }}>
              {holds}
              {gives ? ': past it' : ''}
            </Txt>
          </View>
        );
      })}
    </View>
  );
}
