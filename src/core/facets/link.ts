// Where it leads on the web. A link is found by its form, wherever it stands (claims.ts).
import type { Facet } from './facet'

export interface LinkMeaning {
  readonly kind: 'link'
  readonly link: string
}

export const linkFacet: Facet<LinkMeaning, 'link'> = {
  fields: ['link'],
  clauses: {
    link: {
      set: (_, { link }) => ({ link }),
      isHeld: ({ link }, fields) => fields.link === link,
    },
  },
  draft: ({ first }) => ({ link: first('link')?.link ?? null }),
  off: [{ called: /^link$/, patch: { link: null } }],
  again: { link: { by: ['link'], words: (value) => [value] } },
}
