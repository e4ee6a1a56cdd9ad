import type { VisitDto } from '@huff/contract';
import { View } from 'react-native';
import { Choice } from '../../ui/form';
import { Txt } from '../../ui/text';

/** Mode and stage a visit is measured in: every reading belongs to them. */
export function RunsIn({ visit, onVisit }: { readonly visit: VisitDto; readonly onVisit: (visit: VisitDto) => void }) {
  const { mode, setup } = visit;
  return (
    <View style={{ gap: 8 }}>
      <Txt size={14} color="softInk">
        Running mode
      </Txt>
      <Choice
        label="Mode"
        as="strip"
        options={[
          { id: 'cooling', text: 'cooling' },
          { id: 'heating', text: 'heating' },
        ]}
        chosen={mode}
        onChoose={(chosen) => onVisit({ ...visit, mode: chosen })}
      />
      {setup?.stages === 2 && (
        <Choice
          label="Stage"
          as="strip"
          options={[
            { id: 'high', text: 'high stage' },
            { id: 'low', text: 'low stage' },
          ]}
          chosen={setup.stage ?? 'high'}
          onChoose={(stage) => onVisit({ ...visit, setup: { ...setup, stage } })}
        />
      )}
    </View>
  );
}
