import { check, SiteDto } from '@huff/contract';
import { inputFaults } from '@huff/core';
import { useState } from 'react';
import { View } from 'react-native';
import { ActionButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Txt } from '../../ui/text';
import { ToolForm } from '../tool/ToolForm';
import { useFieldForm } from '../tool/useFieldForm';
import { SITE_FORM, siteWith } from './siteForm';

interface SiteSheetProps {
  readonly site?: SiteDto;
  readonly title: string;
  /** The other sites: a name twice is asked about. */
  readonly others: readonly SiteDto[];
  readonly onKeep: (site: SiteDto) => void;
  readonly onClose: () => void;
}

/** What is known of a site, made or changed. */
export function SiteSheet(props: SiteSheetProps) {
  const { site, title, onClose } = props;
  return (
    <Sheet open={site !== undefined} onClose={onClose} title={title}>
      {site && <Body key={site.id} {...props} site={site} />}
    </Sheet>
  );
}

function Body({ site, others, onKeep }: SiteSheetProps & { readonly site: SiteDto }) {
  const form = useFieldForm(SITE_FORM, { ...site, climate: site.climate ?? 'usual' }, (raw) =>
    inputFaults(SITE_FORM, raw),
  );
  const [why, setWhy] = useState<string>();
  const keep = () => {
    form.send();
    if (form.errors.length > 0) return;
    const next = siteWith(site, form.raw);
    const checked = check(SiteDto, next);
    const twin = others.find((other) => other.name.trim().toLowerCase() === next.name.toLowerCase());
    if (twin)
      return setWhy(
        `There is a site ${twin.name} already${twin.archivedAt ? ', archived: bring it back' : ''}. Give this one a name that tells them apart.`,
      );
    if (!checked.ok) return setWhy(checked.errors[0]?.message);
    onKeep(next);
  };
  return (
    <View style={{ gap: 10 }}>
      <ToolForm
        tool={SITE_FORM}
        control={form.control}
        errors={form.errors}
        shown={form.shown}
        onLeave={form.onLeave}
      />
      {why !== undefined && <Txt role="alert">{why}</Txt>}
      <ActionButton onPress={keep}>Save site</ActionButton>
    </View>
  );
}
