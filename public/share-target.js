// What another program shares with the installed application arrives here, in the service worker, as a form. It is laid
// into a cache of its own, from which the page takes it up and empties it.
self.addEventListener('fetch', (event) => {
  const { pathname } = new URL(event.request.url)
  if (event.request.method === 'POST' && pathname === '/share') event.respondWith(takeUp(event.request))
})

async function takeUp(request) {
  const id = `${Date.now()}-${Math.random().toString(36).slice(2)}`
  try {
    const form = await request.formData()
    const textOf = (name) => (typeof form.get(name) === 'string' ? form.get(name) : '')
    const files = form.getAll('files').filter((file) => file instanceof File && file.size > 0)
    const cache = await caches.open('shared')
    const words = { title: textOf('title'), text: textOf('text'), url: textOf('url'), names: files.map(({ name }) => name) }
    await Promise.all(files.map((file, at) => cache.put(`/shared/${id}/${at}`, new Response(file))))
    await cache.put(`/shared/${id}`, new Response(JSON.stringify(words)))
    return Response.redirect(`/?shared=${id}`, 303)
  } catch {
    return Response.redirect('/?shared=failed', 303)
  }
}
