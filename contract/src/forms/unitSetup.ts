import 'reflect-metadata';
import { Transform } from 'class-transformer';
import { LineOfText, NumberIn } from '../fields';
import { LIMITS } from '../limits';
import { IsOptional } from 'class-validator';
import { fromNumberText } from './numberText';

const NumberText = () => Transform(({ value }) => fromNumberText(value));

/** The typed part of a unit's set-up: fields hold text, the checked value holds numbers, blank is null. */
export class UnitSetup {
  @LineOfText(LIMITS.nameLength, 'The title')
  title!: string;

  @NumberIn(LIMITS.tons, 'Tons')
  @IsOptional()
  @NumberText()
  tons!: number | null;

  @NumberIn(LIMITS.maxTespInWc, 'Nameplate static', 'in. w.c.')
  @IsOptional()
  @NumberText()
  maxTespInWc!: number | null;

  @NumberIn(LIMITS.cfmPerTon, 'Target', 'CFM a ton')
  @NumberText()
  cfmPerTon!: number;
}
