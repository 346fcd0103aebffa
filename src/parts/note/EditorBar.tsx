// What words can be made into while a note is written: five forms, named, and what ends writing.
import type { ChainedCommands, Editor } from '@tiptap/core'
import { useEffect, useState } from 'react'
import { isSafeLink } from '@/core/note/isSafeLink'
import { Button, Field, Row } from '@/ui'
import { formIcons } from './formIcons'

const forms = [
  { name: 'Heading', type: 'heading', turn: (to: ChainedCommands) => to.toggleHeading({ level: 2 }) },
  { name: 'List', type: 'bulletList', turn: (to: ChainedCommands) => to.toggleBulletList() },
  { name: 'Check boxes', type: 'taskList', turn: (to: ChainedCommands) => to.toggleTaskList() },
  { name: 'Bold', type: 'bold', turn: (to: ChainedCommands) => to.toggleBold() },
] as const

/** "mill.example/felt" is meant as an address of the web. */
const withScheme = (address: string): string =>
  /^[\w-]+(?:\.[\w-]+)+(?:[/?#].*)?$/.test(address) ? `https://${address}` : address

export function EditorBar({ editor, onDone }: { editor: Editor; onDone: () => void }) {
  const [active, setActive] = useState('')
  const [address, setAddress] = useState<string | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  useEffect(() => {
    const look = () =>
      setActive([...forms.map(({ type }) => type), 'link'].filter((type) => editor.isActive(type)).join())
    look()
    editor.on('transaction', look)
    return () => void editor.off('transaction', look)
  }, [editor])
  const link = () => {
    const href = withScheme((address ?? '').trim())
    const chain = editor.chain().focus().extendMarkRange('link')
    if (href === '') chain.unsetLink().run()
    else if (!isSafeLink(href))
      return setProblem('Type a link such as https://mill.example, or mailto: and an e-mail address.')
    else if (editor.state.selection.empty && !editor.isActive('link'))
      chain.insertContent({ type: 'text', text: href, marks: [{ type: 'link', attrs: { href } }] }).run()
    else chain.setLink({ href }).run()
    setAddress(null)
    setProblem(null)
  }
  const isActive = (type: string) => active.split(',').includes(type)
  return (
    <div className="editor-bar">
      {address === null ? null : (
        <Field
          label="Link"
          placeholder="https://…"
          autoFocus
          value={address}
          problem={problem}
          onChangeText={setAddress}
          onSubmitEditing={link}
          blurOnSubmit={false}
          onKeyPress={(event) => {
            if (event.nativeEvent.key !== 'Escape') return
            event.preventDefault()
            setAddress(null)
            editor.commands.focus()
          }}
        />
      )}
      <Row justifyContent="space-between" gap="$2">
        <div role="toolbar" aria-label="What the words are" className="editor-forms">
          {forms.map(({ name, type, turn }) => (
            <FormButton
              key={name}
              name={name}
              type={type}
              isOn={isActive(type)}
              onPress={() => turn(editor.chain().focus()).run()}
            />
          ))}
          <FormButton
            name="Link"
            type="link"
            isOn={isActive('link')}
            onPress={() => setAddress((editor.getAttributes('link')['href'] as string | undefined) ?? '')}
          />
        </div>
        <Button kind="quiet" label="Done writing" onPress={onDone} />
      </Row>
    </div>
  )
}

function FormButton({
  name,
  type,
  isOn,
  onPress,
}: {
  name: string
  type: keyof typeof formIcons
  isOn: boolean
  onPress: () => void
}) {
  const Drawn = formIcons[type]
  return (
    <button
      type="button"
      className="square"
      aria-label={name}
      title={name}
      aria-pressed={isOn}
      // The cursor stays in the note.
      onMouseDown={(event) => event.preventDefault()}
      onClick={onPress}
    >
      <Drawn size={20} strokeWidth={1.8} aria-hidden focusable={false} />
    </button>
  )
}
