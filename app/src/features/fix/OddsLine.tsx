import { percentText, sentenceCase } from '@huff/core';
import type { Odds } from '@huff/core/fix';
import { useState } from 'react';
import { Pressable } from 'react-native';
import { Txt } from '../../ui/text';

/** The chance that all of a plan lands; a touch shows what it is made of. */
export function OddsLine({ odds }: { readonly odds: Odds }) {
  const [open, setOpen] = useState(false);
  const parts = `within target ${percentText(odds.band)}, within the nameplate ${percentText(odds.plate)}, heating in its range ${percentText(odds.heat)}${odds.motor === undefined ? '' : `, motor within its limit ${percentText(odds.motor)}`}`;
  return (
    <Pressable
      role="button"
      aria-expanded={open}
      aria-label={`${percentText(odds.all)} chance of meeting every target: why`}
      onPress={() => setOpen(!open)}
      style={{ minHeight: 48, justifyContent: 'center' }}
    >
      <Txt size={15} bold color="action" figures>
        {open ? `${percentText(odds.all)} chance of meeting every target` : `Why ${percentText(odds.all)}?`}
      </Txt>
      {open && (
        <Txt size={14} color="softInk" figures>
          {sentenceCase(parts)}: combined, because one error affects all of them.
        </Txt>
      )}
    </Pressable>
  );
}
