// What turns a note into a page and back. It brings the reader of Markdown along: nothing imports it at the start.
export { noteOf } from './noteOf'
export { pageOf } from './pageOf'
