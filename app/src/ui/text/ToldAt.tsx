import { format } from 'date-fns/format';
import { isToday } from 'date-fns/isToday';
import { Txt } from './Txt';

/** Under what stands from before, while the server cannot be asked: when it was said. */
export function ToldAt({ at }: { readonly at: Date | undefined }) {
  if (!at) return null;
  return (
    <Txt size={14} color="softInk" role="status">
      {`No signal: as it was told ${isToday(at) ? `at ${format(at, 'HH:mm')}` : format(at, 'd MMM, HH:mm')}.`}
    </Txt>
  );
}
