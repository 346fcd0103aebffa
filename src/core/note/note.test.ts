import fc from 'fast-check'
import {
  asNew,
  checkLinesOf,
  hasOpenLine,
  laidOver,
  mergedNotes,
  plainOf,
  tieChanges,
  withCheckLines,
  writtenOf,
} from '.'
import { noteOf } from './noteOf'
import { pageOf, type PageNode } from './pageOf'

const runs = { seed: 7, numRuns: 300 }

describe('check-box lines', () => {
  it.each([
    ['- [ ] ring Oda', [[0, false, 'ring Oda', null]]],
    ['* [x] done\n1. [ ] first', [[0, true, 'done', null], [1, false, 'first', null]]], // prettier-ignore
    [
      'words\n\n- plain\n  - [X] under it <!-- action:a~2026-03-11 -->',
      [[3, true, 'under it', 'a~2026-03-11']],
    ],
    ['```\n- [ ] code\n```\n- [ ] not code', [[3, false, 'not code', null]]],
    ['~~~~\n- [ ] code\n~~~\n- [ ] code still', []],
    ['    - [ ] code by its four spaces', []],
    ['- [ ]\n- [ ] \n-[ ] no\n[ ] no\n- [y] no', []],
    ['> - [ ] somebody else said', []],
  ])('of %j', (note, lines) => {
    expect(checkLinesOf(note).map(({ at, isDone, written, tie }) => [at, isDone, written, tie])).toEqual(
      lines,
    )
  })

  it('are those that the page shows, whatever stands around them', () => {
    const block = fc.constantFrom(
      '- [ ] one', '- [x] two <!-- action:t -->', '  - [ ] under', '- plain', '1. [ ] first', 'words', '',
      '# Head', '```', '    - [ ] far in', '> said', '---', '- [ ] **bold** `- [ ] x`',
    ) // prettier-ignore
    const boxes = (node: PageNode): unknown[] => [
      ...(node.type === 'taskItem' ? [node.attrs] : []),
      ...(node.type === 'blockquote' ? [] : (node.content ?? [])).flatMap(boxes),
    ]
    fc.assert(
      fc.property(fc.array(block, { maxLength: 9 }), (lines) => {
        const note = lines.join('\n')
        expect(hasOpenLine(note)).toBe(checkLinesOf(note).some(({ isDone }) => !isDone))
        const found = checkLinesOf(note).map(({ isDone, tie }) => ({ checked: isDone, tie }))
        expect(found).toEqual(boxes(pageOf(note) as PageNode))
      }),
      { seed: 7, numRuns: 1000 },
    )
  })

  it('change alone: every other line stays to the letter', () => {
    const note = 'a  \n\t- x\n* [ ]  ring *Oda*\n- [x] b <!-- action:k -->\r\n'
    const change = withCheckLines(note, ({ at }) => (at === 2 ? { isDone: true, tie: 'n' } : null))
    expect(change).toBe('a  \n\t- x\n* [x]  ring *Oda* <!-- action:n -->\n- [x] b <!-- action:k -->\r\n')
  })

  it('say their words without marks, and words are written so that they are read as they are', () => {
    expect(plainOf('ring **Oda** about [the _felt_](https://a.example/x(1)) `now` 2\\*3')).toBe(
      'ring Oda about the felt now 2*3',
    )
    fc.assert(
      fc.property(fc.string({ maxLength: 30, unit: fc.constantFrom(...'ab *_`[]<>~\\#&;(') }), (words) => {
        const title = words.replace(/\s+/g, ' ').trim()
        fc.pre(title !== '')
        expect(plainOf(writtenOf(title))).toBe(title)
        const [line] = checkLinesOf(`- [ ] ${writtenOf(title)}`)
        expect(line && plainOf(line.written)).toBe(title)
      }),
      runs,
    )
  })
})

describe('a tied line', () => {
  const note =
    '- [ ] ring *Oda* <!-- action:oda -->\n- [ ] buy felt <!-- action:felt -->\n- [ ] gone <!-- action:no -->'
  const tiedTo = (name: string) =>
    ({ oda: { title: 'ring Oda', isDone: true }, felt: { title: 'buy 2*3 m felt', isDone: false } })[name] ??
    null

  it('reads as what it stands for: done there is ticked here, renamed there is renamed here', () => {
    expect(laidOver(note, tiedTo)).toBe(
      '- [x] ring *Oda* <!-- action:oda -->\n- [ ] buy 2\\*3 m felt <!-- action:felt -->\n- [ ] gone',
    )
    expect(laidOver(laidOver(note, tiedTo), tiedTo)).toBe(laidOver(note, tiedTo))
  })
  it('says what was changed in it, and that it went', () => {
    const before = laidOver(note, tiedTo)
    expect(tieChanges(before, before)).toEqual({ ticked: [], unticked: [], renamed: [], gone: [] })
    expect(
      tieChanges(
        before,
        '- [x] buy wool <!-- action:felt -->\n\nmore\n- [x] buy wool twice <!-- action:felt -->',
      ),
    ).toEqual({
      ticked: ['felt'],
      unticked: [],
      renamed: [{ name: 'felt', title: 'buy wool' }],
      gone: ['oda'],
    })
    expect(tieChanges(before, before.replace('[x]', '[ ]')).unticked).toEqual(['oda'])
  })
  it('is a line like any other in what comes again', () => {
    expect(asNew('- [x] a <!-- action:a -->\n- [x] b\n\nwords')).toBe('- [ ] a\n- [ ] b\n\nwords')
  })
})

describe('two texts that came from one', () => {
  const lines = fc
    .array(fc.constantFrom('a', 'b', 'c', 'd', ''), { maxLength: 6 })
    .map((all) => all.join('\n'))
  it('come to the same text whoever brings them together', () => {
    fc.assert(
      fc.property(lines, lines, lines, (from, mine, other) => {
        const merged = mergedNotes(from, mine, other)
        expect(mergedNotes(from, other, mine)).toBe(merged)
        expect(mergedNotes(from, mine, from)).toBe(mine)
        expect(mergedNotes(from, from, other)).toBe(other)
      }),
      runs,
    )
  })
  it('lose no line that one of them added', () => {
    expect(mergedNotes('one\ntwo', 'one\nmine\ntwo', 'one\ntwo\nother')).toBe('one\nmine\ntwo\nother')
    expect(mergedNotes('one\ntwo', 'one\nsaid mine', 'one\nsaid other').split('\n').sort()).toEqual([
      'one',
      'said mine',
      'said other',
    ])
    const word = fc.string({ minLength: 3, maxLength: 6, unit: fc.constantFrom(...'xyz') })
    fc.assert(
      fc.property(lines, word, word, fc.nat(6), fc.nat(6), (from, a, b, atA, atB) => {
        const put = (line: string, at: number) => from.split('\n').toSpliced(at, 0, line).join('\n')
        const merged = mergedNotes(from, put(a, atA), put(b, atB)).split('\n')
        expect(merged).toEqual(expect.arrayContaining([a, b]))
      }),
      runs,
    )
  })
  it('come to as many lines as there were, where each changed lines of its own or wrote new ones beside them', () => {
    const origin = [
      'Plan of the hall',
      '',
      'ring Oda',
      'order felt',
      'measure the stairs',
      'pack the meters',
      'rest',
    ]
    const places = fc.uniqueArray(fc.nat(origin.length - 1), { maxLength: 5 })
    const edit = fc.constantFrom<(line: string) => string>(
      (line) => `${line} `,
      (line) => `${line} soon`,
      (line) => `(${line})`,
      (line) => line.replace(/^./, 'X'),
    )
    fc.assert(
      fc.property(places, edit, edit, fc.nat(7), fc.option(fc.nat(6)), (all, a, b, split, added) => {
        const [ofA, ofB] = [new Set(all.slice(0, split)), new Set(all.slice(split))]
        const mine = origin.map((line, at) => (ofA.has(at) ? a(line) : line))
        const theirs = origin.map((line, at) => (ofB.has(at) ? b(line) : line))
        const wanted = mine.map((line, at) => (ofB.has(at) ? b(line) : line))
        if (added !== null) {
          theirs.splice(added, 0, 'a line that is new')
          wanted.splice(added, 0, 'a line that is new')
        }
        const merged = mergedNotes(origin.join('\n'), mine.join('\n'), theirs.join('\n'))
        expect(merged.split('\n').sort()).toEqual(wanted.sort())
      }),
      { seed: 21, numRuns: 1000 },
    )
  })
  it.each([
    ['one\ntwo', 'one \ntwo', 'one\ntwo more', 'one \ntwo more'],
    ['one', 'one ', 'one more', 'one more'],
    ['one', 'one  ', 'one ', 'one  '],
    ['- [ ] a\n- [ ] b', '- [x] a\n- [ ] b', '- [ ] a\n- [x] b\n- [ ] c', '- [x] a\n- [x] b\n- [ ] c'],
    ['a line', 'a line, mine\nand more', 'a new one\na line', 'a new one\na line, mine\nand more'],
  ])('of %j and %j and %j', (from, mine, other, both) => {
    expect(mergedNotes(from, mine, other)).toBe(both)
  })
})

describe('a page', () => {
  it('has a form for what people write', () => {
    const shape = (node: PageNode): string =>
      `${node.type}${node.attrs ? JSON.stringify(Object.values(node.attrs)) : ''}${node.text ? `:${node.text}` : ''}` +
      `${node.marks ? `<${node.marks.map(({ type }) => type).join()}>` : ''}` +
      `${node.content && node.content.length > 0 ? `(${node.content.map(shape).join(' ')})` : ''}`
    const shown = (note: string) => pageOf(note)?.content?.map(shape)
    expect(shown('## On **site**\nline one\nline two')).toEqual([
      'heading[2](text:On  text:site<bold>)',
      'paragraph(text:line one hardBreak text:line two)',
    ])
    expect(shown('- [x] done <!-- action:k -->\n  - [ ] under\n- plain')).toEqual([
      'taskList(taskItem[true,"k"](paragraph(text:done) taskList(taskItem[false,null](paragraph(text:under)))))',
      'bulletList(listItem(paragraph(text:plain)))',
    ])
    expect(shown('|a|b|\n|-|-|\n|1|~~2~~|')?.[0]).toContain('tableCell(paragraph(text:2<strike>))')
    expect(shown('3. c\n4. d')).toEqual([
      'orderedList[3](listItem(paragraph(text:c)) listItem(paragraph(text:d)))',
    ])
  })
  it.each([
    '<script>alert(1)</script>',
    'a <img src=x onerror=alert(1)> b',
    '[x](javascript:alert(1))',
    '[x](  JaVaScRiPt:alert(1) )',
    '<javascript:alert(1)>',
    '[x](data:text/html;base64,AAAA)',
    '[x](vbscript:a)',
    '[x](intent://scan/#Intent;end)',
    '<smb://share/x>',
  ])('shows %j as text, and links nowhere', (note) => {
    const page = pageOf(note)
    expect(JSON.stringify(page)).not.toContain('"href"')
    const words = (node: PageNode): string => (node.text ?? '') + (node.content ?? []).map(words).join('\n')
    expect(words(page as PageNode).length).toBeGreaterThan(3)
  })
  it('is written again as it was read, empty lines of what is quoted without a sign behind them', () => {
    const quoted = '> one\n>\n> two'
    expect(noteOf(pageOf(quoted) as PageNode)).toBe(quoted)
  })
  it('is none where it is nested too deep to be read', () => {
    expect(pageOf('>'.repeat(300) + ' a')).toBeNull()
    expect(pageOf(Array.from({ length: 90 }, (_, at) => `${'  '.repeat(at)}- a`).join('\n'))).toBeNull()
  })

  const words = fc.string({
    minLength: 1,
    maxLength: 9,
    unit: fc.constantFrom(...'ab-*_`[]()<>~\\#&;!|1. +=:'),
  })
  const text = (marks?: PageNode['marks']) =>
    words.map((said): PageNode => ({ type: 'text', text: said.trim() || 'a', ...(marks ? { marks } : {}) }))
  const space: PageNode = { type: 'text', text: ' ' }
  const marked = fc.oneof(
    text(),
    fc
      .constantFrom<PageNode[]>(
        [{ type: 'text', text: 'bold', marks: [{ type: 'bold' }] }],
        [{ type: 'text', text: 'both', marks: [{ type: 'bold' }, { type: 'italic' }] }],
        [{ type: 'text', text: 'a`b', marks: [{ type: 'code' }] }],
        [{ type: 'text', text: 'said', marks: [{ type: 'link', attrs: { href: 'https://a.example/b_c' } }] }],
      )
      .map(([node]) => node as PageNode),
  )
  const paragraph = fc.array(marked, { minLength: 1, maxLength: 4 }).map((nodes): PageNode => ({
    type: 'paragraph',
    content: nodes.flatMap((node, at) => (at > 0 ? [space, node] : [node])),
  }))
  const item = (type: 'listItem' | 'taskItem', attrs?: PageNode['attrs']) =>
    paragraph.map((said): PageNode => ({ type, ...(attrs ? { attrs } : {}), content: [said] }))
  const list = fc.oneof(
    fc
      .array(item('listItem'), { minLength: 1, maxLength: 3 })
      .map((content): PageNode => ({ type: 'bulletList', content })),
    fc
      .array(
        fc.oneof(
          item('taskItem', { checked: false, tie: null }),
          item('taskItem', { checked: true, tie: 'k' }),
        ),
        { minLength: 1, maxLength: 3 },
      )
      .map((content): PageNode => ({ type: 'taskList', content })),
    fc
      .array(item('listItem'), { minLength: 1, maxLength: 3 })
      .map((content): PageNode => ({ type: 'orderedList', attrs: { start: 3 }, content })),
  )
  const block = fc.oneof(
    paragraph,
    list,
    fc.tuple(paragraph, list).map(([said, under]): PageNode => ({ type: 'blockquote', content: [said, under] })),
    fc.tuple(list, list).map(([outer, inner]): PageNode => ({
      ...outer,
      content: outer.content?.map((each, at) => (at === 0 ? { ...each, content: [...(each.content ?? []), inner] } : each)),
    })),
    paragraph.map(({ content }): PageNode => ({ type: 'heading', attrs: { level: 2 }, content })),
    words.map((said): PageNode => ({ type: 'codeBlock', attrs: { language: null }, content: [{ type: 'text', text: `${said.trim() || 'x'}\n\`\`\`` }] })),
    fc.constant<PageNode>({ type: 'horizontalRule' }),
    fc.array(fc.array(paragraph, { minLength: 2, maxLength: 2 }), { minLength: 1, maxLength: 3 }).map((rows): PageNode => ({
      type: 'table',
      content: rows.map((cells, at) => ({
        type: 'tableRow',
        content: cells.map((cell) => ({ type: at === 0 ? 'tableHeader' : 'tableCell', content: [cell] })),
      })),
    })),
  ) // prettier-ignore

  it('is the same page again when it has been written down and read', () => {
    /** What is equal on the page: neighbours of the same marks, lists that follow one another. */
    const plain = (node: PageNode): PageNode => {
      const content: PageNode[] = []
      for (const each of (node.content ?? []).map(plain)) {
        const last = content.at(-1)
        const isText = each.type === 'text' && last?.type === 'text'
        const isList = /List$/.test(each.type) && last?.type === each.type
        if (isText && JSON.stringify(last.marks) === JSON.stringify(each.marks))
          content[content.length - 1] = { ...each, text: `${last.text}${each.text}` }
        else if (isList)
          content[content.length - 1] = {
            ...last,
            content: [...(last.content ?? []), ...(each.content ?? [])],
          }
        else content.push(each)
      }
      const marks = node.marks && node.marks.toSorted((a, b) => (a.type < b.type ? -1 : 1))
      return { ...node, ...(node.content ? { content } : {}), ...(marks ? { marks } : {}) }
    }
    fc.assert(
      fc.property(fc.array(block, { minLength: 1, maxLength: 4 }), (content) => {
        const page = plain({ type: 'doc', content })
        const read = pageOf(noteOf(page))
        expect(read && plain(read)).toEqual(page)
      }),
      { seed: 7, numRuns: 1500 },
    )
  })
})
