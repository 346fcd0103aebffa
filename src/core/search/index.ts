export { makeSearchIndex, type Found, type SearchIndex } from './searchIndex'
