// What reading earlier versions, repairing and rewriting need: it loads when it is asked for. In a worker nothing loads
// later, so a worker that makes an archive has it from the beginning (`haveOnDemand`).

type OnDemand = typeof import('../store/onDemand')
let load = (): Promise<OnDemand> => import('../store/onDemand')

export const onDemand = (): Promise<OnDemand> => load()

/** Sets what is there already. */
export function haveOnDemand(given: OnDemand): void {
  load = async () => given
}
