import fc from 'fast-check'
import { fileName, mostFiles, readLetter, textOfHtml } from '.'

const bytesOf = (text: string) => new Uint8Array(Buffer.from(text, 'latin1'))
const letter = async (...lines: string[]) => {
  const read = await readLetter(bytesOf(lines.join('\r\n')))
  if (!read.ok) throw new Error(JSON.stringify(read.error))
  return read.value
}
const pdf = Buffer.from([0x25, 0x50, 0x44, 0x46, 0, 255, 10, 13, 200])
const multipart = (...parts: string[][]) => [
  'From: =?utf-8?Q?Oda_L=C3=B8nning?= <oda@example.org>',
  'Subject: =?utf-8?B?cmluZyBtZSBieSBmcmlkYXkg4oCTIHRoZSBhcmNo?=',
  'Date: Tue, 10 Mar 2026 14:00:00 +0100',
  'MIME-Version: 1.0',
  'Content-Type: multipart/mixed; boundary="edge"',
  '',
  ...parts.flatMap((part) => ['--edge', ...part]),
  '--edge--',
]
const text = (said: string) => ['Content-Type: text/plain; charset=utf-8', '', said]
const attached = (name: string) => [
  `Content-Type: application/pdf; name="${name}"`,
  `Content-Disposition: attachment; filename="${name}"`,
  'Content-Transfer-Encoding: base64',
  '',
  pdf.toString('base64'),
]

it('reads subject, sender, day, text and files, byte for byte', async () => {
  const read = await letter(
    ...multipart(text('The arch is late.'), attached('plan.pdf'), attached('cost.pdf')),
  )
  expect(read).toMatchObject({
    subject: 'ring me by friday – the arch',
    from: { name: 'Oda Lønning', address: 'oda@example.org' },
    sentAtEpochMs: Date.UTC(2026, 2, 10, 13),
    text: 'The arch is late.',
    left: { files: 0, isTextCut: false },
  })
  expect(read.files.map(({ name, mediaType }) => [name, mediaType])).toEqual([
    ['plan.pdf', 'application/pdf'],
    ['cost.pdf', 'application/pdf'],
  ])
  for (const { bytes } of read.files) expect(Buffer.from(bytes).equals(pdf)).toBe(true)
})
it('makes text of HTML: links stay, scripts, styles and pictures go', () => {
  const html = `<style>p{}</style><h2>The arch</h2><p>See <a href="https://mill.example/arch">the plan</a>
    <img src="https://spy.example/dot.gif" alt="dot"><script>alert(1)</script>
    <a href="javascript:alert(1)">or this</a></p><ul><li>one</li><li>two</li></ul>`
  const told = textOfHtml(html)
  expect(told).toContain('The arch')
  expect(told).toContain('the plan [https://mill.example/arch]')
  expect(told).toContain('* one')
  expect(told).not.toMatch(/spy|alert|javascript|<|p\{/)
})
it('reads the text of a letter that is HTML alone, and leaves out the pictures that dress it', async () => {
  const read = await letter(
    ...multipart(
      ['Content-Type: text/html; charset=utf-8', '', '<p>Hello <b>there</b></p><img src="cid:logo">'],
      [
        'Content-Type: image/png',
        'Content-ID: <logo>',
        'Content-Disposition: inline',
        'Content-Transfer-Encoding: base64',
        '',
        'AAAA',
      ],
    ).map((line) => line.replace('multipart/mixed', 'multipart/related')),
  )
  expect(read.text).toBe('Hello there')
  expect(read.files).toEqual([])
})
it.each([
  ['nothing', ''],
  ['a picture', '\x89PNG\r\n\x1a\n'],
  ['a diary', 'Tuesday: it rained.\n\nAnd again.'],
])('refuses %s', async (_, given) => {
  expect(await readLetter(bytesOf(given))).toEqual({ ok: false, error: { kind: 'notALetter' } })
})
it('bears a charset that does not exist, a body that is cut off, and a hostile file name', async () => {
  const read = await letter(
    ...multipart(
      ['Content-Type: text/plain; charset=klingon', '', 'caf\xe9'],
      attached('..\\../etc/pass\u0000wd'),
    ).slice(0, -2),
  )
  expect(read.text).toContain('caf')
  expect(read.files[0]?.name).not.toMatch(/[\\/\u0000]|^\./)
  expect(fileName('C:\\x\\y.pdf')).toBe('C_x_y.pdf')
})
it('keeps the first files of ten thousand, and says how many are left', async () => {
  const read = await letter(
    ...multipart(text('many'), ...Array.from({ length: 10_000 }, (_, at) => attached(`${at}.pdf`))),
  )
  expect([read.files.length, read.left.files]).toEqual([mostFiles, 10_000 - mostFiles])
})
it('answers plainly to parts within parts without end', async () => {
  const depth = 3000
  const open = Array.from({ length: depth }, (_, at) => [
    `Content-Type: multipart/mixed; boundary="b${at}"`,
    '',
    `--b${at}`,
  ]).flat()
  const read = await readLetter(
    bytesOf(['Subject: deep', 'MIME-Version: 1.0', ...open, '', 'end'].join('\r\n')),
  )
  expect(read.ok || read.error.kind === 'broken').toBe(true)
})
it('takes away what turns the direction of the text', async () => {
  expect(
    (await letter('Subject: a\u202etxt.exe'.replace('\u202e', '=?utf-8?Q?=E2=80=AE?='), '', 'x')).subject,
  ).not.toContain('\u202e')
})
it('never throws, whatever it is given', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.uint8Array({ maxLength: 300 }),
      fc.string({ maxLength: 200 }),
      async (bytes, head) => {
        await readLetter(bytes)
        await readLetter(
          bytesOf(`Subject: ${head}\r\nContent-Type: multipart/mixed; boundary=x\r\n\r\n--x\r\n${head}`),
        )
      },
    ),
    { seed: 41, numRuns: 200 },
  )
})
