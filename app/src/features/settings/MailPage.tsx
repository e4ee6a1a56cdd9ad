import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { ask } from '../../data/ask';
import { useServerWord } from '../../data/words/useServerWord';
import { Page } from '../../ui/page';
import { dateText, Heading, ToldAt, Txt } from '../../ui/text';
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
    <Page title="Email" under="Drafts. Huff does not send mail itself." back="/settings" broad>
      <View style={{ paddingHorizontal: 16, flexDirection: wide ? 'row' : 'column', gap: wide ? 32 : 12 }}>
        <View style={wide ? { width: 400 } : undefined}>
          {isPending && <Txt color="softInk">Loading email…</Txt>}
          {isError && !saidAt && <Txt role="status">Email is on the server. Try again with a signal.</Txt>}
          <ToldAt at={saidAt} />
          {data && mails.length === 0 && (
            <Txt color="softInk">
              No email yet. Huff drafts a report when you wrap up a visit with an email address. It drafts a reminder
              ten days before a job is due.
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
                  {`${mail.kind} · ${mail.to} · ${dateText(mail.madeAt)}`}
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
