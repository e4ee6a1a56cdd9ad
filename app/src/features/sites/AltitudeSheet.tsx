import { check, fromNumberText, SiteDto } from '@huff/contract';
import { flowText } from '@huff/core';
import { useState } from 'react';
import { View } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';
import { sites, type Kept } from '../../data/records';
import { ActionButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Txt } from '../../ui/text';

/** "620 ft", or that it is not known. */
export function altitudeText(site: SiteDto | undefined): string {
  const altitudeFt = site?.altitudeFt;
  return altitudeFt == null ? 'altitude?' : `${flowText(altitudeFt)} ft`;
}

interface AltitudeSheetProps {
  readonly site?: Kept<SiteDto>;
  readonly onClose: () => void;
}

/** The altitude of a site: it thins the air, and with it every airflow that is computed from heat or velocity. */
export function AltitudeSheet({ site, onClose }: AltitudeSheetProps) {
  return (
    <Sheet open={site !== undefined} onClose={onClose} title={site?.record.name ?? ''}>
      {site !== undefined && <Body key={site.record.id} site={site} onClose={onClose} />}
    </Sheet>
  );
}

function Body({ site, onClose }: AltitudeSheetProps & { readonly site: Kept<SiteDto> }) {
  const known = site.record;
  const [text, setText] = useState(known.altitudeFt == null ? '' : String(known.altitudeFt));
  const [sent, setSent] = useState(false);
  const checked = check(SiteDto, { ...known, altitudeFt: fromNumberText(text) });
  const error = !checked.ok && sent ? checked.errors[0]?.message : undefined;
  const keep = () => {
    setSent(true);
    if (!checked.ok) return;
    sites.change(site, { ...checked.value }, `Altitude of ${known.name} changed.`);
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
