import { chip, type FacetWords } from './facetWords'

/** A link in its shortest form. */
export const bareLink = (link: string) => link.replace(/^https?:\/\/(www\.)?/i, '').slice(0, 28)

export const linkWords: FacetWords<'link', 'link', never, 'link'> = {
  settings: { link: { name: 'Link', offered: 'link', isOffered: ({ link }) => link === null } },
  clauses: { link: { words: ({ link }) => bareLink(link), opens: 'link' } },
  fields: { link: 'link' },
  chips: ({ link }) => chip('link', link && bareLink(link)),
  details: {},
}
