import { useSession } from '../../data/session';
import { Txt } from '../../ui/text';

/** Said before something is made that others open, while the server answers on its own computer alone. @param what "Labels", "Codes" */
export function AddressNotice({ what }: { readonly what: string }) {
  const { session } = useSession();
  if (!session || session.address !== null) return null;
  return (
    <Txt role="alert" size={15}>
      {`${what} made now open on this computer only. Start Huff with "npm start -- --share" first, then phones reach it.`}
    </Txt>
  );
}
