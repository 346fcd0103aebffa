const { dirname, join, sep } = require('node:path')
const { getDefaultConfig } = require('expo/metro-config')

const config = getDefaultConfig(__dirname)
const { resolveRequest } = config.resolver

// What is drawn by nobody is not sent to the browser (some 60 kB). Long lists are drawn by @tanstack/react-virtual, controls
// by src/ui, and the stations and their bars by src/frame in the router's plain slot: never by tabs, stacks or headers of its
// own. Lint keeps the first unasked for; the journeys visit every address.
const folder = (...names) => join(...names) + sep
const notSent = [
  ...['VirtualizedList', 'FillRateHelper', 'ViewabilityHelper'].map((name) =>
    join('react-native-web', 'dist', 'vendor', 'react-native', name),
  ),
  folder('react-native-screens', 'lib', 'module', 'components'),
  folder('react-native-web', 'dist', 'vendor', 'react-native', 'Animated'),
  ...['FlatList', 'VirtualizedSectionList', 'SectionList', 'PanResponder'].map((name) =>
    folder('react-native-web', 'dist', 'vendor', 'react-native', name),
  ),
  ...[
    ...[
      'ActivityIndicator',
      'Animated',
      'CheckBox',
      'FlatList',
      'ImageBackground',
      'LayoutAnimation',
      'Modal',
    ],
    ...['PanResponder', 'Picker', 'ProgressBar', 'RefreshControl', 'SectionList', 'Switch'],
    ...['Touchable', 'TouchableHighlight', 'TouchableNativeFeedback', 'TouchableOpacity'],
    ...['TouchableWithoutFeedback', 'VirtualizedList'],
  ].map((name) => join('react-native-web', 'dist', 'exports', name)),
  ...['native-stack/views', 'elements/Header'].map((name) =>
    folder('expo-router', 'build', 'react-navigation', name),
  ),
  join('expo-router', 'build', 'react-navigation', 'bottom-tabs'),
  join('expo-router', 'build', 'react-navigation', 'elements', 'Button'),
  ...['standard-navigation', 'layouts/Tabs', 'layouts/stack-utils', 'layouts/experimental-stack'].map(
    (name) => join('expo-router', 'build', name),
  ),
  ...[
    'routers/DrawerRouter',
    'routers/TabRouter',
    'native/createStaticNavigation',
    'core/StaticNavigation',
  ].map((name) => join('expo-router', 'build', 'react-navigation', name)),
]

const isSent = (path) =>
  !notSent.some((name) => (name.endsWith(sep) ? path.includes(name) : path.endsWith(name)))

config.resolver.resolveRequest = (context, name, platform) => {
  const isBeside = platform === 'web' && name.startsWith('.')
  if (isBeside && !isSent(join(dirname(context.originModulePath), name))) return { type: 'empty' }
  return (resolveRequest ?? context.resolveRequest)(context, name, platform)
}

module.exports = config
