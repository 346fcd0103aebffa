const { dirname, join } = require('node:path')
const { getDefaultConfig } = require('expo/metro-config')

const config = getDefaultConfig(__dirname)
const { resolveRequest } = config.resolver

// Long lists are drawn by @tanstack/react-virtual and controls by src/ui: what react-native-web has for them is drawn by
// nobody and is not sent to the browser (14 kB). Lint keeps it unasked for.
const parts = ['VirtualizedList', 'FillRateHelper', 'ViewabilityHelper']
const controls = ['CheckBox', 'Switch', 'Picker', 'ProgressBar']
const notSent = new Set([
  ...parts.map((name) => join('react-native-web', 'dist', 'vendor', 'react-native', name)),
  ...controls.map((name) => join('react-native-web', 'dist', 'exports', name)),
])

const isSent = (path) => !notSent.has(path.slice(path.lastIndexOf(join('react-native-web', 'dist'))))

config.resolver.resolveRequest = (context, name, platform) => {
  const isBeside = platform === 'web' && name.startsWith('.')
  if (isBeside && !isSent(join(dirname(context.originModulePath), name))) return { type: 'empty' }
  return (resolveRequest ?? context.resolveRequest)(context, name, platform)
}

module.exports = config
