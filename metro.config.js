const { dirname, join, sep } = require('node:path')
const { getDefaultConfig } = require('expo/metro-config')

const config = getDefaultConfig(__dirname)
const { resolveRequest } = config.resolver

// What is drawn by nobody is not sent to the browser (some 30 kB). Long lists are drawn by @tanstack/react-virtual, controls
// by src/ui, and the stations and their bars by src/frame in the router's plain slot: never by tabs, stacks or headers of its
// own. Lint keeps the first unasked for; the journeys visit every address.
const folder = (...names) => join(...names) + sep
const notSent = [
  ...['VirtualizedList', 'FillRateHelper', 'ViewabilityHelper'].map((name) =>
    join('react-native-web', 'dist', 'vendor', 'react-native', name),
  ),
  ...['CheckBox', 'Switch', 'Picker', 'ProgressBar'].map((name) =>
    join('react-native-web', 'dist', 'exports', name),
  ),
  ...['bottom-tabs/views', 'native-stack/views', 'elements/Header'].map((name) =>
    folder('expo-router', 'build', 'react-navigation', name),
  ),
  join('expo-router', 'build', 'react-navigation', 'elements', 'Button'),
]

const isSent = (path) =>
  !notSent.some((name) => (name.endsWith(sep) ? path.includes(name) : path.endsWith(name)))

config.resolver.resolveRequest = (context, name, platform) => {
  const isBeside = platform === 'web' && name.startsWith('.')
  if (isBeside && !isSent(join(dirname(context.originModulePath), name))) return { type: 'empty' }
  return (resolveRequest ?? context.resolveRequest)(context, name, platform)
}

module.exports = config
