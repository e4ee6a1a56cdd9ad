import { ROLES, type EntryCode, type Person, type Role } from '@huff/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { v4 as uuid } from 'uuid';
import { tell, type Answered } from '../../data/ask';
import { entryCode } from '../../data/session';
import { Choice } from '../../ui/form';
import { ActionButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Txt } from '../../ui/text';
import { CodeCard } from './CodeCard';
import { ROLE_WORDS } from './roleWords';

interface PersonSheetProps {
  /** None for somebody new. */
  readonly person?: Person;
  readonly onChanged: () => void;
  readonly onClose: () => void;
}

/** One person: name, role, a code to come in, and leaving. */
export function PersonSheet({ person, onChanged, onClose }: PersonSheetProps) {
  const [id] = useState(() => person?.id ?? uuid());
  const [name, setName] = useState(person?.name ?? '');
  const [role, setRole] = useState<Role>(person?.role ?? 'technician');
  const [made, setMade] = useState<EntryCode>();
  const [why, setWhy] = useState<string>();
  const [isLeaving, setLeaving] = useState(false);
  const [isBusy, setBusy] = useState(false);
  const attempt = async <T,>(work: () => Promise<Answered<T>>): Promise<Answered<T>> => {
    setBusy(true);
    const answer = await work();
    setBusy(false);
    setWhy(answer.ok ? undefined : answer.why);
    if (answer.ok) onChanged();
    return answer;
  };
  const keep = () => attempt(() => tell('PUT', `/api/people/${id}`, { name, role }));
  const save = async () => {
    if ((await keep()).ok) onClose();
  };
  const invite = async () => {
    if (!(await keep()).ok) return;
    const code = await attempt(() => entryCode(id));
    if (code.ok) setMade(code.body);
  };
  const leaves = async () => {
    if ((await attempt(() => tell('DELETE', `/api/people/${id}`))).ok) onClose();
  };
  return (
    <Sheet open onClose={onClose} title={person?.name ?? 'New person'}>
      <View style={{ gap: 12 }}>
        <TextInput mode="outlined" label="Name" accessibilityLabel="Name" value={name} onChangeText={setName} />
        <Choice
          as="rows"
          label="Role"
          options={ROLES.map((one) => ({ id: one, text: one, aside: ROLE_WORDS[one] }))}
          chosen={role}
          onChoose={setRole}
        />
        {why !== undefined && <Txt role="alert">{why}</Txt>}
        {made ? (
          <CodeCard made={made} whose={name} />
        ) : (
          <>
            <ActionButton disabled={isBusy || name.trim() === ''} onPress={() => void invite()}>
              {person?.leftAt ? 'Let in again' : 'Make a code'}
            </ActionButton>
            {person && (
              <ActionButton quiet disabled={isBusy || name.trim() === ''} onPress={() => void save()}>
                Save name and role
              </ActionButton>
            )}
          </>
        )}
        {person && person.leftAt === null && (
          <ActionButton quiet disabled={isBusy} onPress={() => (isLeaving ? void leaves() : setLeaving(true))}>
            {isLeaving ? `Sign ${person.name} out` : 'Left the shop…'}
          </ActionButton>
        )}
        {isLeaving && (
          <Txt size={15} color="softInk">
            Ends every session and passkey at once. What was written stays, under the name.
          </Txt>
        )}
      </View>
    </Sheet>
  );
}
