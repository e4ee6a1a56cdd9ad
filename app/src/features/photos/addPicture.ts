import type { PhotoDto } from '@huff/contract';
import { v4 as uuid } from 'uuid';
import { addPhoto } from '../../data/visits';
import type { Picture } from './takePhoto';

/** Keeps a picture that was taken, with what it belongs to and what it shows. */
export const addPicture = (of: Omit<PhotoDto, 'id' | 'savedAt' | keyof Picture>, picture: Picture): void =>
  addPhoto({ id: uuid(), savedAt: new Date().toISOString(), ...of, ...picture });
