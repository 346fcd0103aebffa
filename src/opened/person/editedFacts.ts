// Whose facts are being edited: asked for behind *More*, shown where they are read.
import { useStore } from 'zustand'
import { createStore } from 'zustand/vanilla'
import type { Id } from '@/core/record'

const edited = createStore<{ readonly of: Id<'person'> | null }>(() => ({ of: null }))

export const editFactsOf = (of: Id<'person'> | null) => edited.setState({ of })
export const useEditsFactsOf = (id: Id<'person'>): boolean => useStore(edited, ({ of }) => of === id)
