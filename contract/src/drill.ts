import 'reflect-metadata';
import { readCode, SKILLS, type Skill } from '@huff/core';
import { ArrayMaxSize, IsArray, IsBoolean, IsIn, IsInt, IsOptional, ValidateBy } from 'class-validator';
import { Id, Moment, NumberIn, OptionalLine } from './fields';
import { LIMITS } from './limits';

/** A case code as Huff writes it. */
const CaseCode = () =>
  ValidateBy({
    name: 'caseCode',
    validator: {
      validate: (value: unknown) => {
        const read = typeof value === 'string' ? readCode(value) : undefined;
        return read?.ok === true && read.code === value;
      },
      defaultMessage: () => 'This is no case code. Take it from the drill.',
    },
  });

const Skills = () => (target: object, name: string) => {
  ArrayMaxSize(SKILLS.length, { message: 'Name each skill once.' })(target, name);
  IsIn(SKILLS, { each: true, message: 'This skill is not known.' })(target, name);
  IsArray({ message: 'Skills must be a list.' })(target, name);
};

/** How a practice drill went. It says nothing of what was typed or read: its case is in its code. */
export class DrillDto {
  @Id('The drill’s id')
  id!: string;

  @CaseCode()
  code!: string;

  /** Who did it; absent on a phone that nobody signed in to. */
  @OptionalLine(LIMITS.nameLength, 'The person')
  person?: string | null;

  @Moment('The time it was done')
  doneAt!: string;

  /** Without hints. */
  @IsBoolean({ message: 'Exam is true or false.' })
  isExam!: boolean;

  @IsBoolean({ message: 'Hit is true or false.' })
  isHit!: boolean;

  /** Absent where no work was done. */
  @IsBoolean({ message: 'On target is true or false.' })
  @IsOptional()
  isOnTarget?: boolean | null;

  /** It was ended by a dangerous act. */
  @IsBoolean({ message: 'Stopped is true or false.' })
  isStopped!: boolean;

  @NumberIn(LIMITS.minutes, 'Minutes')
  minutes!: number;

  @NumberIn(LIMITS.minutes, 'Best minutes')
  bestMinutes!: number;

  @NumberIn(LIMITS.cost, 'Cost')
  cost!: number;

  @IsInt({ message: 'Hints are counted.' })
  @NumberIn(LIMITS.drillCount, 'Hints')
  hints!: number;

  /** Cautions that were passed over. */
  @IsInt({ message: 'Cautions are counted.' })
  @NumberIn(LIMITS.drillCount, 'Cautions')
  cautions!: number;

  @Skills()
  hits!: Skill[];

  @Skills()
  misses!: Skill[];
}
