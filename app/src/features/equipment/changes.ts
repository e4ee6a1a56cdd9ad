import type { SetupDto, UnitFactsDto, Unsaid } from '@huff/contract';

const said = (setup: SetupDto | null | undefined, what: Unsaid): SetupDto => {
  const rest = (setup?.unsaid ?? []).filter((one) => one !== what);
  return { ...setup, unsaid: rest.length > 0 ? rest : null };
};

/** Whether air path or motor were said, not only taken. */
export const isSaid = ({ setup }: Pick<UnitFactsDto, 'setup'>, what: Unsaid): boolean =>
  !(setup?.unsaid ?? []).includes(what);

export const withLayout = <U extends UnitFactsDto>(unit: U, layout: U['layout']): U => ({
  ...unit,
  layout,
  setup: said(unit.setup, 'layout'),
});

/** Another motor has other speeds: a tap of before says nothing. */
export const withMotor = <U extends UnitFactsDto>(unit: U, motor: U['motor']): U => ({
  ...unit,
  motor,
  tap: motor === unit.motor ? unit.tap : null,
  setup: said(unit.setup, 'motor'),
});

export const withSetup = <U extends UnitFactsDto>(unit: U, setup: Partial<SetupDto>): U => ({
  ...unit,
  setup: { ...unit.setup, ...setup },
});
