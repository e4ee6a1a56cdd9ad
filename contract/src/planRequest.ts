import 'reflect-metadata';
import { moveOf, rulesOf, type RawInputs } from '@huff/core';
import type { PlanRequest } from '@huff/core/fix';
import { IsBoolean, IsOptional, registerDecorator } from 'class-validator';
import { LIMITS } from './limits';
import type { Assessment } from './plan';
import { shopFigures, shopParts, type ShopDto } from './shop';
import type { VisitDto } from './visit';
import { visitRules } from './visitFacts';

const isTyped = (value: unknown): value is Record<string, RawInputs> =>
  typeof value === 'object' &&
  value !== null &&
  !Array.isArray(value) &&
  Object.entries(value).every(
    ([id, inputs]) => moveOf(id) !== undefined && typeof inputs === 'object' && inputs !== null,
  ) &&
  JSON.stringify(value).length <= LIMITS.planBytes.max;

function IsTypedMoves(): PropertyDecorator {
  return (target, propertyName) =>
    registerDecorator({
      name: 'isTypedMoves',
      target: target.constructor,
      propertyName: propertyName as string,
      validator: { validate: isTyped, defaultMessage: () => 'Give the inputs of known fixes, by fix.' },
    });
}

/** What is said for planning, beside the visit. */
export class PlanWishesDto {
  /** Inputs typed for moves, by move. */
  @IsTypedMoves()
  typed!: Record<string, RawInputs>;

  /** Raise the speed even where the path is choked and nothing is done about it. */
  @IsBoolean({ message: 'speedFirst is true or false.' })
  @IsOptional()
  speedFirst?: boolean;
}

/** Everything a plan is made from, of an assessed visit; undefined while its system or its target is not known. */
export function planRequest(
  visit: VisitDto,
  assessment: Assessment,
  shop: ShopDto,
  { typed, speedFirst }: PlanWishesDto,
): PlanRequest | undefined {
  const { model, judgement, sure, looks, noSlower, questions, held, unsure } = assessment;
  if (!model || !judgement.target || !sure) return undefined;
  const rules = visitRules(visit, rulesOf(shop.rules));
  return {
    system: model.system,
    goal: {
      target: judgement.target,
      maxTesp: judgement.maxTesp,
      rules,
      flowShare: sure.flowShare,
    },
    looks: [...looks.values()],
    typed,
    figures: shopFigures(shop),
    parts: shopParts(shop),
    sure,
    speedFirst,
    noSlower,
    held,
    doubted: questions.flatMap(({ moveId }) => moveId ?? []),
    unsure,
    // The same visit gives the same chances, on the phone and at the desk.
    seed: Number.parseInt(visit.id.slice(0, 8), 16),
  };
}
