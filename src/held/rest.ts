/**
 * Settles at the next turn of the event loop, without the delay of a timer: what was pressed meanwhile is handled
 * first.
 */
export const rest = (): Promise<void> =>
  new Promise((resolve) => {
    const { port1, port2 } = new MessageChannel()
    port1.onmessage = () => {
      port1.close()
      resolve()
    }
    port2.postMessage(null)
  })
