import 'reflect-metadata';
import { IsIn, IsOptional, IsString, Length, Matches } from 'class-validator';
import { LineOfText } from './fields';
import { LIMITS } from './limits';

/** What a person of a shop is. */
export const ROLES = ['owner', 'lead', 'technician', 'apprentice'] as const;
export type Role = (typeof ROLES)[number];

/** Who may do what beside visits, sites, units and the schedule, which everybody of the shop works on. */
const MAY = {
  /** Shop settings, parts and blower tables. */
  settings: ['owner', 'lead', 'technician'],
  /** Export and import of everything, and backups. */
  data: ['owner', 'lead'],
  /** Who comes in, and as what. */
  people: ['owner'],
  /** A customer's records, permanently. */
  erase: ['owner'],
} as const satisfies Readonly<Record<string, readonly Role[]>>;
export type Permission = keyof typeof MAY;

export const may = (role: Role, what: Permission): boolean => (MAY[what] as readonly Role[]).includes(role);

/** A person of the shop, as the others see him. */
export interface Person {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
  /** By what he signs in; null while he never did. */
  readonly signInName: string | null;
  readonly hasPassphrase: boolean;
  readonly passkeys: number;
  readonly leftAt: string | null;
}

/** A phone or browser that is signed in. */
export interface SignedInDevice {
  readonly id: string;
  readonly label: string;
  readonly usedAt: string;
  /** The one that asks. */
  readonly isThis: boolean;
}

/** Who asks, and whether that had to be said. */
export interface SessionState {
  /** False while nobody set a passphrase or a passkey: then anyone who sits at this computer is let in. */
  readonly isOn: boolean;
  /** Where phones reach the server; null while it answers on its own computer alone. */
  readonly address: string | null;
  readonly shop: { readonly id: string; readonly name: string } | null;
  readonly person: Person | null;
  /** Let in for sitting at the server's own computer, without signing in. */
  readonly isAtComputer: boolean;
}

/** A code that lets somebody in once. */
export interface EntryCode {
  readonly code: string;
  /** What a phone opens to come in with it. */
  readonly link: string;
  /** The link as a code for a camera: a path in a square, quiet margin and all. */
  readonly qr: { readonly side: number; readonly d: string };
  readonly expiresAt: string;
}

const PASSPHRASE = { min: 12, max: 200 } as const;

export class SignInDto {
  @LineOfText(LIMITS.nameLength, 'The name')
  name!: string;

  @IsString({ message: 'Enter the passphrase.' })
  @Length(1, PASSPHRASE.max, { message: 'Enter the passphrase.' })
  passphrase!: string;
}

export class PassphraseDto {
  /** By what the person signs in from now on. */
  @LineOfText(LIMITS.nameLength, 'The name')
  name!: string;

  @IsString({ message: 'Enter a passphrase.' })
  @Length(PASSPHRASE.min, PASSPHRASE.max, {
    message: `The passphrase must have ${PASSPHRASE.min} to ${PASSPHRASE.max} characters. Four or five words are easy to keep in mind.`,
  })
  passphrase!: string;

  /** The one until now, where there is one. */
  @IsString({ message: 'Enter the current passphrase.' })
  @Length(1, PASSPHRASE.max, { message: 'Enter the current passphrase.' })
  @IsOptional()
  current?: string;
}

export class EntryCodeDto {
  @IsString({ message: 'Enter the code.' })
  @Matches(/^[\s0-9A-Za-z-]{8,40}$/, { message: 'Enter the code as it is shown, such as K7QM-2XPR-9DTW.' })
  code!: string;
}

export class PersonDto {
  @LineOfText(LIMITS.nameLength, 'The name')
  name!: string;

  @IsIn(ROLES, { message: 'The role is owner, lead, technician or apprentice.' })
  role!: Role;
}
