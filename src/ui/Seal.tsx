// A printer's mark in the area's ink.
import { View } from '@tamagui/core'
import { areaInks } from './tokens'
import { Words } from './Words'

/** Decoration: the row says the area in words as well. A seal without an area is an empty frame. */
export function Seal({ stamp, ink, size = 28 }: { stamp: string | null; ink: number; size?: number }) {
  if (stamp === null) return <View width={size} height={size} borderRadius={6} borderWidth={1} borderStyle="dashed" borderColor="$rule" aria-hidden />
  return (
    <View width={size} height={size} borderRadius={6} alignItems="center" justifyContent="center" backgroundColor={areaInks[ink % areaInks.length] as '#5B4A8A'} aria-hidden flexShrink={0}>
      <Words fontFamily="$heading" fontWeight="600" color={'#FFFDF7' as '$ink'} style={{ fontSize: size * 0.46, lineHeight: size }}>{stamp}</Words>
    </View>
  )
}
