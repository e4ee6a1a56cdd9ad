import 'reflect-metadata';
import { IsIn, IsOptional } from 'class-validator';
import { LineOfText } from './fields';
import { LIMITS } from './limits';

/** How the unit ran while something was measured. */
export class RunConditionsDto {
  @IsIn(['cooling', 'heating'], { message: 'The mode is cooling or heating.' })
  @IsOptional()
  mode?: 'cooling' | 'heating';

  /** The speed that ran. */
  @LineOfText(LIMITS.tapLength, 'The tap')
  @IsOptional()
  tap?: string;

  /** The stage that ran, of equipment that has two. */
  @IsIn(['low', 'high'], { message: 'The stage is low or high.' })
  @IsOptional()
  stage?: 'low' | 'high';
}
