import { clockText, momentText } from './dates';
import { isToday } from 'date-fns/isToday';
import { Txt } from './Txt';

/** Under what stands from before, while the server cannot be asked: when it was said. */
export function ToldAt({ at }: { readonly at: Date | undefined }) {
  if (!at) return null;
  return (
    <Txt size={14} color="softInk" role="status">
      {`No signal. Data from ${isToday(at) ? `at ${clockText(at)}` : momentText(at)}.`}
    </Txt>
  );
}
