import { check, LIMITS, StopDto, type UnitDto } from '@huff/contract';
import { addDays } from 'date-fns/addDays';
import { format } from 'date-fns/format';
import { useMemo, useState } from 'react';
import { Pressable, View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { sites, units } from '../../data/records';
import { Choice } from '../../ui/form';
import { ActionButton, TextButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { findPlaces } from '../places/findPlaces';
import { dayOf, dayWords } from '../visitState/stops';

interface StopSheetProps {
  /** As it stands; without a site while it is new. */
  readonly stop?: Partial<StopDto> & { readonly id: string };
  /** People that have stops already. */
  readonly people: readonly string[];
  readonly now: Date;
  readonly onKeep: (stop: StopDto) => void;
  /** It is done, or off the plan; absent while it is new. */
  readonly onSettle?: (what: 'doneAt' | 'archivedAt') => void;
  readonly onClose: () => void;
}

/** A visit that is planned: where, which day, whose, what for. */
export function JobSheet(props: StopSheetProps) {
  const { stop, onClose } = props;
  return (
    <Sheet open={stop !== undefined} onClose={onClose} title={stop?.siteId ? 'Edit job' : 'Plan a job'}>
      {stop && <Body key={stop.id} {...props} stop={stop} />}
    </Sheet>
  );
}

const REASONS = ['Filter', 'Maintenance', 'Return with parts', 'Belt tension after run-in'];
/** So many days ahead are a touch away; others are typed. */
const DAYS_SHOWN = 6;

function Body({
  stop,
  people,
  now,
  onKeep,
  onSettle,
}: StopSheetProps & { readonly stop: NonNullable<StopSheetProps['stop']> }) {
  const [next, setNext] = useState<Partial<StopDto>>({ day: dayOf(now), place: 0, why: '', ...stop });
  const [why, setWhy] = useState<string>();
  const say = (more: Partial<StopDto>) => {
    setNext({ ...next, ...more });
    setWhy(undefined);
  };
  const keep = () => {
    if (!next.siteId) return setWhy('Choose a site or unit.');
    const person = (next.person ?? '').trim();
    const checked = check(StopDto, { ...next, person: person === '' ? null : person });
    if (!checked.ok) return setWhy(checked.errors[0]?.message);
    onKeep({ ...checked.value });
  };
  const days = Array.from({ length: DAYS_SHOWN }, (_, i) => addDays(now, i));
  return (
    <View style={{ gap: 12 }}>
      <Where next={next} onWhere={say} />
      <View style={{ gap: 6 }}>
        <Txt size={14} color="softInk">
          Day
        </Txt>
        <Choice
          label="Day"
          options={days.map((day, i) => ({
            id: dayOf(day),
            text: i < 2 ? dayWords(dayOf(day), now).toLowerCase() : format(day, 'EEE, MMM d'),
          }))}
          chosen={next.day}
          onChoose={(day) => say({ day })}
        />
        <Field label="Other date" value={next.day ?? ''} most={10} onChange={(day) => say({ day })} />
      </View>
      <View style={{ gap: 6 }}>
        <Txt size={14} color="softInk">
          What for
        </Txt>
        <Choice
          label="What for"
          options={REASONS.map((id) => ({ id, text: id.toLowerCase() }))}
          chosen={next.why ?? ''}
          onChoose={(reason) => say({ why: reason })}
        />
        <Field
          label="Or enter it"
          value={next.why ?? ''}
          most={LIMITS.noteLine.max}
          onChange={(words) => say({ why: words })}
        />
      </View>
      <View style={{ gap: 6 }}>
        {people.length > 0 && (
          <Choice
            label="Technician"
            options={people.map((id) => ({ id, text: id }))}
            chosen={next.person ?? ''}
            onChoose={(person) => say({ person })}
          />
        )}
        <Field
          label="Technician’s name"
          value={next.person ?? ''}
          most={LIMITS.nameLength.max}
          onChange={(person) => say({ person })}
        />
      </View>
      {why !== undefined && <Txt role="alert">{why}</Txt>}
      <ActionButton onPress={keep}>Save job</ActionButton>
      {onSettle && (
        <View style={{ flexDirection: 'row', columnGap: 24, flexWrap: 'wrap' }}>
          {!stop.doneAt && <TextButton onPress={() => onSettle('doneAt')}>Mark done</TextButton>}
          <TextButton onPress={() => onSettle('archivedAt')}>Remove job</TextButton>
        </View>
      )}
    </View>
  );
}

interface FieldProps {
  readonly label: string;
  readonly value: string;
  readonly most: number;
  readonly onChange: (text: string) => void;
}

const Field = ({ label, value, most, onChange }: FieldProps) => (
  <TextInput
    mode="outlined"
    dense
    label={label}
    accessibilityLabel={label}
    value={value}
    maxLength={most}
    onChangeText={onChange}
  />
);

/** How many places are offered as one types. */
const PLACES_SHOWN = 5;

/** A site or a unit, found as one types. */
function Where({
  next,
  onWhere,
}: {
  readonly next: Partial<StopDto>;
  readonly onWhere: (where: Pick<StopDto, 'siteId' | 'unitId'>) => void;
}) {
  const palette = usePalette();
  const { records: siteList } = sites.useList();
  const { records: unitList } = units.useList();
  const [sought, setSought] = useState('');
  const places = useMemo(
    () => ({ sites: siteList.map(({ record }) => record), units: unitList.map(({ record }) => record) }),
    [siteList, unitList],
  );
  const found = useMemo(() => findPlaces(places, sought).slice(0, PLACES_SHOWN), [places, sought]);
  const site = places.sites.find(({ id }) => id === next.siteId);
  const unit = places.units.find(({ id }) => id === next.unitId);
  const choose = (of: 'site' | 'unit', id: string) => {
    const chosen: UnitDto | undefined = of === 'unit' ? places.units.find((one) => one.id === id) : undefined;
    onWhere(chosen ? { siteId: chosen.siteId, unitId: chosen.id } : { siteId: id, unitId: null });
    setSought('');
  };
  return (
    <View style={{ gap: 4 }}>
      {site && (
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12, flexWrap: 'wrap' }}>
          <Txt bold size={17}>{`${site.name}: ${unit?.name ?? 'all of it'}`}</Txt>
          {unit && (
            <TextButton onPress={() => onWhere({ siteId: site.id, unitId: null })}>Choose whole site</TextButton>
          )}
        </View>
      )}
      <Field
        label={site ? 'Other site' : 'Site or unit'}
        value={sought}
        most={LIMITS.nameLength.max}
        onChange={setSought}
      />
      {found.map(({ of, id, name, siteName }) => (
        <Pressable
          key={`${of} ${id}`}
          role="button"
          onPress={() => choose(of === 'unit' ? 'unit' : 'site', id)}
          style={{ minHeight: 48, justifyContent: 'center', borderBottomWidth: 1, borderColor: palette.line }}
        >
          <Txt bold={of === 'site'}>{name}</Txt>
          <Txt size={14} color="softInk">
            {of === 'site' ? 'site' : (siteName ?? 'unit')}
          </Txt>
        </Pressable>
      ))}
    </View>
  );
}
