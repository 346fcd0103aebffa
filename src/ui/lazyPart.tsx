import { lazy, Suspense, type ComponentProps, type ComponentType } from 'react'

/** A part that loads when it is first shown: nothing stands in its place until then. */
export function lazyPart<P extends object>(load: () => Promise<ComponentType<P>>): ComponentType<P> {
  const Part = lazy(() => load().then((part) => ({ default: part })))
  return function LazyPart(props: P) {
    return (
      <Suspense fallback={null}>
        <Part {...(props as ComponentProps<typeof Part>)} />
      </Suspense>
    )
  }
}
