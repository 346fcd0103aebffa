// jsdom has no media queries: every one of them answers "no".
window.ResizeObserver ??= class { observe() {} unobserve() {} disconnect() {} }
window.scrollTo = () => {}
HTMLDialogElement.prototype.showModal ??= function () { this.open = true }
HTMLDialogElement.prototype.close ??= function () { this.open = false }
Element.prototype.scrollIntoView ??= () => {}
window.matchMedia ??= (query) => ({ matches: false, media: query, addEventListener() {}, removeEventListener() {}, addListener() {}, removeListener() {}, dispatchEvent: () => false, onchange: null })
// What is shown and what is hidden is a matter for the journeys: looking it up in jsdom takes most of the time.
require('@testing-library/dom').configure({ defaultHidden: true })
