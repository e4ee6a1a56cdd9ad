import type { ErasedCounts, SiteDto } from '@huff/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { tell } from '../../data/ask';
import { spine } from '../../data/theSpine';
import { ActionButton, Page } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Txt } from '../../ui/text';

interface EraseSiteProps {
  readonly site: SiteDto;
  readonly onErased: (counts: ErasedCounts) => void;
  readonly onClose: () => void;
}

/** Erases a customer on request, permanently, at the server and on every phone. The owner types the site name to confirm. */
export function EraseSite({ site, onErased, onClose }: EraseSiteProps) {
  const [name, setName] = useState('');
  const [isBusy, setBusy] = useState(false);
  const [why, setWhy] = useState<string>();
  const isSure = name.trim().toLowerCase() === site.name.trim().toLowerCase();
  const erase = async () => {
    setBusy(true);
    const told = await tell<ErasedCounts>('POST', `/api/sites/${site.id}/erase`, { name });
    setBusy(false);
    if (!told.ok) return setWhy(told.why);
    onErased(told.body);
    spine().wake();
  };
  return (
    <Sheet open onClose={onClose} title="Erase customer">
      <View style={{ gap: 12 }}>
        <Txt bold>Erasing cannot be undone.</Txt>
        <Txt>
          The site, its units, visits, readings, photos and mail are erased here and on every phone. If the customer
          asked for a copy, export the site first.
        </Txt>
        <TextInput
          mode="outlined"
          label="Site name"
          accessibilityLabel="Site name"
          value={name}
          onChangeText={setName}
        />
        <Txt size={15} color="softInk">
          {`Type ${site.name} to erase it.`}
        </Txt>
        {why !== undefined && <Txt role="alert">{why}</Txt>}
        <ActionButton disabled={!isSure || isBusy} onPress={() => void erase()}>
          {isBusy ? 'Erasing…' : 'Erase permanently'}
        </ActionButton>
      </View>
    </Sheet>
  );
}

const counted = (count: number, one: string) => `${count} ${one}${count === 1 ? '' : 's'}`;

/** What was erased, once it is. */
export function ErasedPage({ name, counts }: { readonly name: string; readonly counts: ErasedCounts }) {
  const { units, visits, photos } = counts;
  return (
    <Page title="Erased" under={name} back="/sites">
      <View style={{ paddingHorizontal: 16, gap: 12 }}>
        <Txt role="status">
          {`${name} is erased: ${counted(units, 'unit')}, ${counted(visits, 'visit')}, ${counted(photos, 'photo')}.`}
        </Txt>
        <Txt color="softInk">
          Each phone erases it at its next sync. Backups made before still have it until newer ones replace them.
        </Txt>
      </View>
    </Page>
  );
}
