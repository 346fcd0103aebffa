import type { ComponentType } from 'react'
import type { ChooserProps } from '../choosers/chooserProps'

/** What the chooser of a facet is given: its heading among it. */
export type FacetChooserProps = Omit<ChooserProps, 'field' | 'title'> & { readonly title: string }
export type FacetChooser = ComponentType<FacetChooserProps>
