import { format } from 'date-fns/format';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { ask } from '../../data/ask';
import { useServerWord } from '../../data/words/useServerWord';
import { Page } from '../../ui/page';
import { Heading, ToldAt, Txt } from '../../ui/text';
import { useIsWide, usePalette } from '../../ui/theme';

/** A mail that would be sent, as the server keeps it. */
interface Mail {
  readonly id: string;
  readonly kind: 'report' | 'reminder';
  readonly to: string;
  readonly subject: string;
  readonly body: string;
  readonly madeAt: string;
}

/** Reports and reminders as they would be sent. Nothing leaves this server: each is here to be read and copied. */
export function MailPage() {
  const palette = usePalette();
  const wide = useIsWide();
  const [openId, setOpenId] = useState<string>();
  const { data, isPending, isError, saidAt } = useServerWord({
    key: ['mails'],
    ask: async () => (await ask<{ mails: Mail[] }>('/api/mails'))!.body.mails,
  });
  const mails = data ?? [];
  const open = mails.find(({ id }) => id === openId) ?? (wide ? mails[0] : undefined);
  return (
    <Page title="Mail" under="Drafts. Huff does not send mail itself." back="/shop" broad>
      <View style={{ paddingHorizontal: 16, flexDirection: wide ? 'row' : 'column', gap: wide ? 32 : 12 }}>
        <View style={wide ? { width: 400 } : undefined}>
          {isPending && <Txt color="softInk">Reading the mail.</Txt>}
          {isError && !saidAt && <Txt role="status">The mail is on the server: try again with a signal.</Txt>}
          <ToldAt at={saidAt} />
          {data && mails.length === 0 && (
            <Txt color="softInk">
              No mail yet. A report is written when a visit is handed over with an address, a reminder ten days before
              something is due at a site that has one.
            </Txt>
          )}
          {mails.map((mail) => (
            <View key={mail.id} style={{ borderTopWidth: 1, borderColor: palette.line }}>
              <Pressable
                role="button"
                aria-expanded={mail.id === open?.id}
                onPress={() => setOpenId(mail.id === open?.id && !wide ? undefined : mail.id)}
                style={{ paddingVertical: 10, minHeight: 56, gap: 2 }}
              >
                <Txt bold={mail.id === open?.id || !wide}>{mail.subject}</Txt>
                <Txt size={14} color="softInk" figures>
                  {`${mail.kind} · ${mail.to} · ${format(mail.madeAt, 'd MMM')}`}
                </Txt>
              </Pressable>
              {!wide && mail.id === open?.id && <Body mail={mail} />}
            </View>
          ))}
        </View>
        {wide && open && (
          <View style={{ flex: 1, gap: 8 }}>
            <Heading size={19}>{open.subject}</Heading>
            <Txt size={14} color="softInk">{`to ${open.to}`}</Txt>
            <Body mail={open} />
          </View>
        )}
      </View>
    </Page>
  );
}

const Body = ({ mail: { body } }: { readonly mail: Mail }) => (
  <Txt selectable style={{ paddingBottom: 14 }}>
    {body}
  </Txt>
);
