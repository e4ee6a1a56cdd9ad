import 'reflect-metadata';
import { LOOK_ITEMS } from '@huff/core';
import { IsOptional, Length, Matches, ValidateBy } from 'class-validator';
import { Id, Moment } from './fields';
import { LIMITS } from './limits';
import { subjectOf } from './photoSubject';

const RULE = `The photo must be a JPEG of at most ${Math.floor((LIMITS.photoBase64.max * 3) / 4 / 1000)} kB. Take it again; the phone makes it smaller.`;

const SMALL_RULE = 'The small picture must be a JPEG of at most 30 kB.';

/** Parts of the equipment that are photographed: kept with the unit. */
export const UNIT_PHOTO_ITEMS = ['plate', 'door', 'ports', 'table'] as const;

/** What a photo shows: something looked at, or a part of the equipment. */
export const PHOTO_ITEMS: readonly string[] = [...LOOK_ITEMS.map(({ id }) => id), ...UNIT_PHOTO_ITEMS];

/** What a photo of a finding in one's own words shows. @param id of the finding */
export const photoItemOfFinding = (id: string) => `own-${id}`;

const PHOTO_ITEM = new RegExp(`^(${PHOTO_ITEMS.join('|')}|own-[0-9a-f-]{36})$`);

/** A JPEG in base64 begins so. */
export const JPEG = /^\/9j\/[A-Za-z0-9+/]+={0,2}$/;

const IsOfOneRecord = () =>
  ValidateBy({
    name: 'isOfOneRecord',
    validator: {
      validate: (_, args) => subjectOf(args?.object ?? {}) !== undefined,
      defaultMessage: () => 'A photo is of one visit, one unit or one blower table.',
    },
  });

/** A photo of something looked at. Made small on the phone; sent once, on its own, so that a visit stays light. */
export class PhotoDto {
  @IsOfOneRecord()
  @Id('The photo’s id')
  id!: string;

  @Id('The visit’s id')
  @IsOptional()
  visitId?: string;

  @Id('The unit’s id')
  @IsOptional()
  unitId?: string;

  @Id('The blower table’s id')
  @IsOptional()
  blowerTableId?: string;

  /** What it shows: an item of the step Inspect. */
  @Matches(PHOTO_ITEM, {
    message: `The photo shows one of ${PHOTO_ITEMS.join(', ')}, or a finding by its id.`,
  })
  item!: string;

  @Moment('The time of the photo')
  savedAt!: string;

  /** The JPEG in base64; absent in what the server tells, where the picture has an address of its own. */
  @Length(LIMITS.photoBase64.min, LIMITS.photoBase64.max, { message: RULE })
  @Matches(JPEG, { message: RULE })
  @IsOptional()
  jpeg?: string;

  /** The same, small: what lists draw. */
  @Length(LIMITS.smallPhotoBase64.min, LIMITS.smallPhotoBase64.max, { message: SMALL_RULE })
  @Matches(JPEG, { message: SMALL_RULE })
  @IsOptional()
  smallJpeg?: string | null;
}
