import { Link, type Href } from 'expo-router';
import { Txt } from '../text';

interface TextLinkProps {
  readonly href: Href;
  readonly children: string;
  /** A file of the server's: the app stays where it is. */
  readonly isFile?: boolean;
}

/** A way to another page, in words alone, as tall as a button of words. */
export function TextLink({ href, children, isFile }: TextLinkProps) {
  return (
    <Link
      href={href}
      {...(isFile ? { target: '_blank' } : {})}
      style={{ minHeight: 48, minWidth: 48, display: 'flex', flexDirection: 'column', justifyContent: 'center' }}
    >
      <Txt bold color="action">
        {children}
      </Txt>
    </Link>
  );
}
