// Small things of one device, written at once and not part of the store: the theme, a half-typed line, what is at hand.

export interface DeviceMemory {
  read(name: string): string | null
  write(name: string, value: string | null): void
}

/** Over the browser's local storage; what that refuses is held in a map that lasts as long as the page. */
export function makeDeviceMemory(storage: () => Storage): DeviceMemory {
  const refused = new Map<string, string | null>()
  return {
    read(name) {
      const held = refused.get(name)
      if (held !== undefined) return held
      try {
        return storage().getItem(`zen-tray:${name}`)
      } catch {
        return null
      }
    },
    write(name, value) {
      try {
        if (value === null) storage().removeItem(`zen-tray:${name}`)
        else storage().setItem(`zen-tray:${name}`, value)
        refused.delete(name)
      } catch {
        refused.set(name, value)
      }
    },
  }
}
