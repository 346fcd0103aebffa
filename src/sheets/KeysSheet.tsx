// Every key, what it does, and how to change it or switch it off.
import { useRouter } from 'expo-router'
import { useState, type KeyboardEvent } from 'react'
import { actUsing, keyActs, select, type KeyAct } from '@/state'
import { Button, Column, Row, SlideOver, Words } from '@/ui'
import { useKeymap } from '@/held/keys'
import { keyWords } from '@/words'
import { useAct, useHeld } from '@/held/zen'

/** A key as it is written on a keyboard. */
function keyFace(key: string | null): string {
  if (key === ' ') return 'space'
  return key === 'Enter' ? 'enter' : (key ?? 'off')
}

export function KeysSheet({ onClose }: { onClose: () => void }) {
  const act = useAct()
  const router = useRouter()
  const keymap = useKeymap()
  const changed = useHeld((state) => select.settingsOf(state.document).keys)
  const [asking, setAsking] = useState<KeyAct | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const set = (which: KeyAct, key: string | null) =>
    act('setSettings', { keys: { ...changed, [which]: key } }, { say: false })
  const take = (which: KeyAct) => (event: KeyboardEvent) => {
    if (asking !== which || ['Shift', 'Control', 'Alt', 'Meta', 'Tab', 'Enter', ' '].includes(event.key))
      return
    event.preventDefault()
    event.stopPropagation()
    if (event.key === 'Escape') return setAsking(null)
    const user = actUsing(keymap, event.key, which)
    if (event.key.length !== 1 || user)
      return setProblem(user ? `“${event.key}” is taken: ${keyWords[user]}.` : 'Press one character.')
    set(which, event.key)
    setAsking(null)
    setProblem(null)
  }
  return (
    <SlideOver title="Keys" onClose={onClose}>
      <Words size="second" tone="inkSoft">
        Keys do nothing while you type. While sorting, 1 to 9 are the compartments, the down arrow goes from
        the title to the choices, Enter saves and Escape goes back one step. Alt with an arrow moves a row
        earlier or later, or to the next list. With several selected, the keys for done, change, day, horizon
        and today change all of them.
      </Words>
      {problem ? (
        <Words role="alert" size="second" tone="clay">
          {problem}
        </Words>
      ) : null}
      <Column render="ul">
        {(Object.keys(keyActs) as KeyAct[]).map((which) => (
          <Row
            render="li"
            key={which}
            gap="$2.5"
            borderBottomWidth={1}
            borderColor="$rule"
            minHeight={48}
            flexWrap="wrap"
            onKeyDown={take(which)}
          >
            <Words
              render="kbd"
              width={52}
              textAlign="center"
              strong={keymap[which] !== null}
              tone={keymap[which] ? 'ink' : 'inkSoft'}
              backgroundColor="$slip"
              borderWidth={1}
              borderColor="$rule"
              borderRadius={3}
            >
              {keyFace(keymap[which])}
            </Words>
            <Words flex={1} minWidth={130}>
              {keyWords[which]}
            </Words>
            <Button
              kind="quiet"
              label={asking === which ? 'Press a key' : 'Change'}
              aria-label={`Change the key for ${keyWords[which]}`}
              onPress={() => {
                setAsking(asking === which ? null : which)
                setProblem(null)
              }}
            />
            <Button
              kind="quiet"
              label={keymap[which] ? 'Off' : 'On'}
              aria-label={`Switch the key for ${keyWords[which]} ${keymap[which] ? 'off' : 'on'}`}
              onPress={() => set(which, keymap[which] ? null : keyActs[which])}
            />
          </Row>
        ))}
      </Column>
      <Row>
        <Button
          label="Reset the keys"
          onPress={() => act('setSettings', { keys: {} }, { say: 'Keys reset' })}
        />
        <Button
          kind="quiet"
          label="Help"
          onPress={() => {
            onClose()
            router.navigate('/help')
          }}
        />
      </Row>
    </SlideOver>
  )
}
