// Small things of one device, written at once and not part of the store: the theme, a half-typed line, what is at hand.

export interface DeviceMemory {
  read(name: string): string | null
  write(name: string, value: string | null): void
}

/** Over the browser's local storage; where that is refused, over a map that lasts as long as the page. */
export function makeDeviceMemory(storage: () => Storage): DeviceMemory {
  const fallback = new Map<string, string>()
  return {
    read(name) {
      try {
        return storage().getItem(`zen-tray:${name}`)
      } catch {
        return fallback.get(name) ?? null
      }
    },
    write(name, value) {
      try {
        if (value === null) storage().removeItem(`zen-tray:${name}`)
        else storage().setItem(`zen-tray:${name}`, value)
      } catch {
        fallback.set(name, value ?? '')
      }
    },
  }
}
