import { chooseFile } from '../../data/chooseFile';

/** More than the server takes; a file of that size is not even sent. */
const MOST_BYTES = 1_000_000_000;

/** Lets a person choose a file of records; it is not read here, however large it is. @param onFault a sentence when it is too large */
export function chooseBundle(onFile: (file: File) => void, onFault: (words: string) => void): void {
  chooseFile((file) => {
    if (file.size > MOST_BYTES) onFault(`${file.name} is larger than 1 GB. Export site by site and import those.`);
    else onFile(file);
  }, 'application/json,.json');
}
