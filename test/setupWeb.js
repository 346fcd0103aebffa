// jsdom has no media queries: every one of them answers "no".
window.ResizeObserver ??= class {
  observe() {}
  unobserve() {}
  disconnect() {}
}
window.scrollTo = () => {}
// jsdom has none: a message comes at the next turn.
window.MessageChannel ??= class {
  port1 = { onmessage: null, close() {} }
  port2 = { postMessage: (data) => setTimeout(() => this.port1.onmessage?.({ data })) }
}
HTMLDialogElement.prototype.showModal ??= function () {
  this.open = true
}
HTMLDialogElement.prototype.close ??= function () {
  this.open = false
}
Element.prototype.scrollIntoView ??= () => {}
window.matchMedia ??= (query) => ({
  matches: false,
  media: query,
  addEventListener() {},
  removeEventListener() {},
  addListener() {},
  removeListener() {},
  dispatchEvent: () => false,
  onchange: null,
})
// What is shown and what is hidden is a matter for the journeys. Here jsdom would search every rule of every style
// sheet for each element that is asked for by its role: that takes nearly all of the time, so nothing is styled.
// What loads when it is first asked for takes its time where all cores are busy.
require('@testing-library/dom').configure({ defaultHidden: true, asyncUtilTimeout: 15_000 })
const unstyled = { display: 'block', visibility: 'visible', content: '', getPropertyValue: () => '' }
window.getComputedStyle = () => unstyled

// jsdom knows no CSS.escape: a backslash before whatever is no letter or digit says the same.
globalThis.CSS ??= { escape: (text) => text.replace(/[^\w-]/g, '\\$&') }
