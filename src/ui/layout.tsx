// The boxes everything is laid out with.
import { styled, View } from '@tamagui/core'

export const Column = styled(View, { flexDirection: 'column', minWidth: 0 })
export const Row = styled(View, { flexDirection: 'row', alignItems: 'center', minWidth: 0 })

/** A sheet of paper lying on the desk. */
export const Sheet = styled(Column, {
  backgroundColor: '$paper',
  borderWidth: 1,
  borderColor: '$rule',
  borderRadius: '$1',
})

/** A hairline that takes up what is left of a row. */
export const Hairline = styled(View, { height: 1, flex: 1, backgroundColor: '$rule', minWidth: 12 })
