import { inputFaults, toolFigure } from '@huff/core';
import { ListRow, ListSection } from '../../ui/list';
import type { SectionProps } from './editing';
import { ENERGY_FORM } from './shopForms';

/** What a kilowatt-hour costs here, and how long a blower runs. */
export function EnergySection({ shop, onEdit }: SectionProps) {
  const { currency, tariffPerKwh, hoursAYear, laborAnHour } = shop;
  const says = tariffPerKwh ? `${currency}${tariffPerKwh} per kWh` : 'not known';
  const under = `${toolFigure(hoursAYear ?? 2000, 'count')} hours per year${hoursAYear ? '' : ', assumed'}${laborAnHour ? `; labor ${currency}${laborAnHour} an hour` : ''}`;
  const open = () =>
    onEdit({
      title: 'Energy and labor',
      set: ENERGY_FORM,
      begin: { currency, tariffPerKwh, hoursAYear, laborAnHour },
      faultsOf: (raw) => inputFaults(ENERGY_FORM, raw),
      keep: (raw) => ({
        ...shop,
        currency: String(raw.currency),
        tariffPerKwh: typeof raw.tariffPerKwh === 'number' ? raw.tariffPerKwh : null,
        hoursAYear: typeof raw.hoursAYear === 'number' ? raw.hoursAYear : null,
        laborAnHour: typeof raw.laborAnHour === 'number' ? raw.laborAnHour : null,
      }),
    });
  return (
    <ListSection title="Energy and labor">
      <ListRow
        name="Tariff"
        says={says}
        under={under}
        figure
        label={`Tariff: ${says}, ${under}. Change`}
        onPress={open}
      />
    </ListSection>
  );
}
