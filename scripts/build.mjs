// Builds the web target, its service worker and the compressed copies the server hands out.
import { brotliCompressSync, constants, gzipSync } from 'node:zlib'
import { existsSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { pathToFileURL } from 'node:url'
import { ensurePackages, fail, hashOf, root, run, setStamp, stampIs } from './parts/setUp.mjs'

const dist = join(root, 'dist')
const sources = [
  'src',
  'demo',
  'public',
  'app.json',
  'babel.config.js',
  'metro.config.js',
  'package-lock.json',
  'scripts/build.mjs',
]

const filesIn = (folder) =>
  readdirSync(folder).flatMap((name) => {
    const path = join(folder, name)
    return statSync(path).isDirectory() ? filesIn(path) : [path]
  })

/** Works without the network after the first visit: the whole application is kept by a service worker. */
async function addServiceWorker() {
  const { generateSW } = await import('workbox-build')
  await generateSW({
    globDirectory: dist,
    swDest: join(dist, 'sw.js'),
    globPatterns: [
      'index.html',
      '_expo/static/**/*.{js,css}',
      'fonts/*.woff2',
      '*.{svg,png,css,webmanifest}',
      'theme.js',
    ],
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/^\/api\//, /\.[a-z0-9]+$/i],
    dontCacheBustURLsMatching: /[-.][0-9a-f]{32}\.\w+$/,
    maximumFileSizeToCacheInBytes: 8e6,
    // Only those that a seal has used: all of them are a megabyte.
    runtimeCaching: [
      {
        urlPattern: ({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith('/fonts/emoji/'),
        handler: 'CacheFirst',
        options: { cacheName: 'emoji', cacheableResponse: { statuses: [200] } },
      },
    ],
    clientsClaim: true,
    inlineWorkboxRuntime: true,
    sourcemap: false,
    cleanupOutdatedCaches: true,
  })
  // What other programs share with the installed application: in the worker itself, so that it is one script to keep.
  const [worker, shared] = [join(dist, 'sw.js'), join(dist, 'share-target.js')]
  writeFileSync(worker, `${readFileSync(shared, 'utf8')}\n${readFileSync(worker, 'utf8')}`)
  rmSync(shared)
}

/** What every start asks for once its first scripts have run: asked for along with them, it is there by then. */
function preload() {
  const page = join(dist, 'index.html')
  const folder = '/_expo/static/js/web/'
  const links = readdirSync(join(dist, folder))
    .filter((name) => /^_layout-[0-9a-f]+\.js$/.test(name))
    .map((name) => `<link rel="preload" href="${folder}${name}" as="script" />`)
  writeFileSync(page, readFileSync(page, 'utf8').replace('</head>', `${links.join('')}</head>`))
}

/** Brotli and gzip copies beside each text file. */
function compress() {
  for (const path of filesIn(dist)) {
    if (!/\.(js|css|html|svg|webmanifest|json|txt)$/.test(path)) continue
    const bytes = readFileSync(path)
    if (bytes.length < 600) continue
    writeFileSync(
      `${path}.br`,
      brotliCompressSync(bytes, {
        params: { [constants.BROTLI_PARAM_QUALITY]: 10, [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length },
      }),
    )
    writeFileSync(`${path}.gz`, gzipSync(bytes, { level: 9 }))
  }
}

/** Builds unless what stands in dist was built from these very sources. */
export async function ensureBuild({ force = false } = {}) {
  const hash = hashOf(sources)
  if (!force && existsSync(join(dist, 'sw.js')) && stampIs('build', hash)) return
  console.log('Building (the first time a minute or two)…')
  rmSync(dist, { recursive: true, force: true })
  try {
    run('npx', ['expo', 'export', '--platform', 'web'], {
      env: { ...process.env, CI: '1', EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', NODE_ENV: 'production' },
      stdio: ['ignore', process.env.VERBOSE ? 'inherit' : 'ignore', 'inherit'],
    })
  } catch {
    fail('The build failed. VERBOSE=1 shows more.')
  }
  rmSync(join(dist, 'metadata.json'), { force: true })
  preload()
  await addServiceWorker()
  compress()
  setStamp('build', hash)
}

if (import.meta.url === pathToFileURL(process.argv[1]).href) {
  ensurePackages()
  await ensureBuild({ force: process.argv.includes('--force') })
}
