import { check, fromNumberText, SiteDto } from '@huff/contract';
import { flowText } from '@huff/core';
import { useState } from 'react';
import { View } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';
import { v4 as uuid } from 'uuid';
import { sites } from '../../data/records';
import { ActionButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Txt } from '../../ui/text';

/** "620 ft", or that it is not known. */
export function altitudeText(places: readonly SiteDto[], site: string): string {
  const altitudeFt = places.find((place) => place.name === site)?.altitudeFt;
  return altitudeFt == null ? 'altitude?' : `${flowText(altitudeFt)} ft`;
}

interface AltitudeSheetProps {
  readonly site?: string;
  readonly places: readonly SiteDto[];
  readonly onClose: () => void;
}

/** The altitude of a site: it thins the air, and with it every airflow that is computed from heat or velocity. */
export function AltitudeSheet({ site, places, onClose }: AltitudeSheetProps) {
  return (
    <Sheet open={site !== undefined} onClose={onClose} title={site ?? ''}>
      {site !== undefined && <Body key={site} site={site} places={places} onClose={onClose} />}
    </Sheet>
  );
}

function Body({ site, places, onClose }: AltitudeSheetProps & { readonly site: string }) {
  const { mutate: save } = sites.useSave();
  const known = places.find((place) => place.name === site);
  const [text, setText] = useState(known?.altitudeFt == null ? '' : String(known.altitudeFt));
  const [sent, setSent] = useState(false);
  const checked = check(SiteDto, {
    id: known?.id ?? uuid(),
    name: site,
    altitudeFt: fromNumberText(text),
    savedAt: new Date().toISOString(),
  });
  const error = !checked.ok && sent ? checked.errors[0]?.message : undefined;
  const keep = () => {
    setSent(true);
    if (!checked.ok) return;
    save({ ...checked.value });
    onClose();
  };
  return (
    <View style={{ gap: 8 }}>
      <Txt size={15}>At 5,000 ft the air weighs 0.83 of what it does at the sea: 1.08 becomes 0.90.</Txt>
      <TextInput
        mode="outlined"
        label="Altitude, ft"
        accessibilityLabel="Altitude, ft"
        value={text}
        onChangeText={setText}
        inputMode="decimal"
        error={error !== undefined}
      />
      {error && <HelperText type="error">{error}</HelperText>}
      <ActionButton onPress={keep}>Keep this altitude</ActionButton>
    </View>
  );
}
