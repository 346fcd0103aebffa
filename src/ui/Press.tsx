// Everything that can be pressed. All of them are real buttons of at least 44 px.
import { styled, View, type GetProps } from '@tamagui/core'
import { Icon, type IconName } from './Icon'
import type { Tone } from './tokens'
import { Words } from './Words'

/** A bare button: the frame of all others, and of rows that are pressed as a whole. */
export const Press = styled(View, {
  render: 'button',
  type: 'button',
  flexDirection: 'row',
  alignItems: 'center',
  minHeight: 44,
  minWidth: 44,
  cursor: 'pointer',
  borderRadius: '$1',
})

const Frame = styled(Press, {
  justifyContent: 'center',
  paddingHorizontal: '$4.5',
  gap: '$2',
  maxWidth: '100%',
  flexShrink: 1,
  borderWidth: 1,
  borderColor: 'transparent',
  variants: {
    kind: {
      main: { backgroundColor: '$ink', hoverStyle: { opacity: 0.9 }, pressStyle: { opacity: 0.8 } },
      plain: { backgroundColor: '$slip', borderColor: '$edge', hoverStyle: { borderColor: '$ink' } },
      quiet: { paddingHorizontal: '$2', hoverStyle: { backgroundColor: '$brassWash' } },
    },
    off: { true: { opacity: 0.45, cursor: 'not-allowed' } },
    chosen: { true: { borderColor: '$brass', backgroundColor: '$brassWash' } },
  } as const,
})

type FrameProps = GetProps<typeof Frame>

const shades = { main: 'onInk', quiet: 'brass', plain: 'ink' } as const

/** Says what it does in a verb. One `main` button at most on a screen. */
export function Button({
  label,
  kind = 'plain',
  disabled,
  icon,
  tone,
  chosen,
  ...rest
}: Omit<FrameProps, 'children' | 'chosen'> & {
  label: string
  disabled?: boolean
  icon?: IconName
  tone?: Tone
  /** One of several that stand side by side, and the one that holds. */
  chosen?: boolean
}) {
  const shade: Tone = tone ?? (chosen ? 'brass' : (shades[kind as keyof typeof shades] ?? 'ink'))
  return (
    <Frame
      kind={kind}
      off={disabled}
      aria-disabled={disabled}
      chosen={chosen}
      aria-pressed={chosen}
      {...rest}
      onPress={disabled ? undefined : rest.onPress}
    >
      {icon ? <Icon name={icon} size={18} tone={shade} /> : null}
      <Words tone={shade} strong={chosen ?? kind !== 'quiet'} flexShrink={1} minWidth={0}>
        {label}
      </Words>
    </Frame>
  )
}

/** A square button with an icon; `label` is its name for the ear and its hint for the eye. */
export function IconButton({
  label,
  icon,
  tone,
  disabled,
  ...rest
}: Omit<FrameProps, 'children'> & { label: string; icon: IconName; tone?: Tone; disabled?: boolean }) {
  return (
    <Press
      justifyContent="center"
      width={44}
      height={44}
      hoverStyle={{ backgroundColor: '$brassWash' }}
      aria-label={label}
      aria-disabled={disabled}
      opacity={disabled ? 0.4 : 1}
      title={label}
      {...rest}
      onPress={disabled ? undefined : rest.onPress}
    >
      <Icon name={icon} tone={tone ?? 'inkSoft'} />
    </Press>
  )
}
