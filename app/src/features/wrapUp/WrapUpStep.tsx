import { effortWords, handedOver, triageSum } from '@huff/core/call';
import { Image, View } from 'react-native';
import { useShop } from '../../data/useShop';
import { BlockView } from '../../ui/document';
import { ActionButton } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { CallFoot } from '../call/CallFoot';
import { PartsUsed } from '../call/PartsUsed';
import { FoundList } from '../call/FindingsStep';
import { useCall } from '../call/useCall';
import type { StepProps } from '../visitState/station';
import { Agreed } from './Agreed';
import { DocumentLinks } from './DocumentLinks';
import { useVisitDocument } from './useVisitDocument';
import { useWholeVisit } from '../visitState/WholeVisit';

/** The step Wrap up: the owner’s page as it will be, what is agreed, and the ways to give it away. */
export function WrapUpStep({ assessment, acts, width, frame }: StepProps) {
  const { whole } = useWholeVisit();
  const palette = usePalette();
  const shop = useShop();
  const call = useCall(whole, assessment);
  const { document, unit, site, photoUrl } = useVisitDocument(whole, width - 44);
  const open = call.triage.filter(({ outcome }) => outcome === 'open');
  const effort = effortWords(triageSum(open), shop.currency);
  const agreed = handedOver(whole.facts ?? []);
  return frame({
    main: (
      <View style={{ gap: 18 }}>
        <View style={{ gap: 10, backgroundColor: palette.sheet, borderRadius: 6, padding: 14 }}>
          <View style={{ gap: 2, borderBottomWidth: 2, borderColor: palette.ink, paddingBottom: 8 }}>
            {document.head?.logo && (
              <Image
                source={{ uri: `data:image/jpeg;base64,${document.head.logo}` }}
                accessibilityLabel="Shop logo"
                resizeMode="contain"
                style={{ width: 130, height: 48, alignSelf: 'flex-start', backgroundColor: '#FFFFFF' }}
              />
            )}
            <Txt bold>{document.head?.name || 'No shop name yet. Add it under Settings.'}</Txt>
            {document.head && (
              <Txt size={14} color="softInk">
                {document.head.under}
              </Txt>
            )}
            <Txt size={14} color="softInk">
              {`${document.made.name} · ${document.made.under}`}
            </Txt>
          </View>
          <View style={{ gap: 2 }}>
            <Heading size={22}>{document.title}</Heading>
            <Txt size={14} color="softInk">
              {document.under}
            </Txt>
          </View>
          {document.owner.map((block, i) => (
            // Blocks are drawn anew as a whole: their place is what they are.
            <BlockView key={`${block.kind}-${i}`} block={block} width={width - 28} photoUrl={photoUrl} />
          ))}
        </View>
        <PartsUsed />
        <Agreed email={site?.email} width={width} />
        <DocumentLinks document={document} photoUrl={photoUrl} visit={whole} unit={unit} isSaved={!acts.onSave} />
      </View>
    ),
    side: <FoundList triage={call.triage} />,
    foot: (
      <CallFoot>
        <Txt size={15} role="status">
          {open.length > 0
            ? `${open.length === 1 ? '1 open finding' : `${open.length} open findings`}${effort === undefined ? '' : `: ${effort}`}.`
            : agreed?.returnOn === undefined
              ? `${call.triage.length > 0 ? 'All findings are resolved' : 'No findings so far'}. Set the next visit.`
              : 'All findings are resolved, and the next visit has a date.'}
        </Txt>
        {open.length > 0 && <ActionButton onPress={() => acts.goTo('found')}>Resolve findings</ActionButton>}
        {/* What is open stands at the next visit: nobody is kept from leaving. */}
        {acts.onSave && (
          <ActionButton quiet={open.length > 0} onPress={acts.onSave}>
            Save the visit
          </ActionButton>
        )}
      </CallFoot>
    ),
  });
}
