import { useEffect, useRef } from 'react'

/** Keys of a screen: single keys, or "mod+z" and "mod+shift+z" for those with Control or Command. */
export type Hotkeys = ReadonlyMap<string, () => void>

/** Typing into a field is never a hotkey. */
function isTyping(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false
  return target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName)
}

/** Is something open that has the keyboard to itself? */
function isCovered(): boolean {
  return document.querySelector('[role="dialog"][data-state="open"]') !== null
}

/** Hears keys while the component is there. */
export function useHotkeys(keys: Hotkeys): void {
  const current = useRef(keys)
  current.current = keys
  useEffect(() => {
    const hear = (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.altKey || isTyping(event.target) || isCovered()) return
      const mod = event.ctrlKey || event.metaKey
      const key = event.key.length === 1 ? event.key.toLowerCase() : event.key
      const act = current.current.get(
        `${mod ? 'mod+' : ''}${mod && event.shiftKey ? 'shift+' : ''}${key}`,
      )
      if (!act) return
      event.preventDefault()
      // A held key goes along a list, and does nothing else twice.
      if (!event.repeat || key.startsWith('Arrow')) act()
    }
    document.addEventListener('keydown', hear)
    return () => document.removeEventListener('keydown', hear)
  }, [])
}
