import 'reflect-metadata';
import { ArrayMaxSize, IsArray, IsBoolean, IsOptional, Matches } from 'class-validator';
import { Id, Moment } from './fields';
import { SYNC_LIMITS } from './spine/sync';

/** What a phone sends: who it is, what it knows, what was done. Each operation is checked by itself. */
export class SyncRequestDto {
  @Id('The device’s id')
  device!: string;

  @Moment('The phone’s time')
  phoneTime!: string;

  @Matches(/^[\w.-]{1,100}$/, { message: 'The cursor is as the last answer gave it, or null.' })
  @IsOptional()
  cursor?: string | null;

  @ArrayMaxSize(SYNC_LIMITS.operations, { message: `Send at most ${SYNC_LIMITS.operations} operations at a time.` })
  @IsArray({ message: 'Operations must be a list.' })
  operations!: unknown[];

  /** Who the phone believes is signed in: what is waiting was done by this person. */
  @Id('The person’s id')
  @IsOptional()
  person?: string;

  /** False: only what became of the operations, with records that others changed as well; the cursor stays. */
  @IsBoolean({ message: 'pull is true or false.' })
  @IsOptional()
  pull?: boolean;
}
