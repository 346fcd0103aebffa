/** A query engine that the bench alone asks: it ships without types. */
declare module 'lokijs' {
  interface Chain {
    find(query: object): Chain
    compoundsort(order: readonly (string | readonly [string, boolean])[]): Chain
    data(): unknown[]
  }
  interface Collection {
    insert(records: readonly object[]): void
    chain(): Chain
  }
  export default class Loki {
    constructor(name: string)
    addCollection(name: string, options: { indices: readonly string[] }): Collection
  }
}
