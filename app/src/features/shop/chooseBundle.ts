import { chooseFile } from '../tables/chooseFile';

/** More than the server takes; a file of that size is not even read. */
const MOST_BYTES = 16_000_000;

/** Lets a person choose a file of records. @param onFault a sentence when it cannot be read */
export function chooseBundle(onText: (name: string, text: string) => void, onFault: (words: string) => void): void {
  chooseFile((file) => {
    if (file.size > MOST_BYTES) {
      onFault(`${file.name} is larger than 16 MB. Write it out site by site, and read those in.`);
      return;
    }
    file.text().then(
      (text) => onText(file.name, text),
      () => onFault(`${file.name} could not be read. Choose it again.`),
    );
  }, 'application/json,.json');
}
