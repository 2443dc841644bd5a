import { useHotkeys as useKeys } from 'react-hotkeys-hook'

/** Keys of a screen: single keys as they are typed, or "mod+z" and "mod+shift+z" for those with Control or Command. */
export type Hotkeys = ReadonlyMap<string, () => void>

/** Is something open that has the keyboard to itself? */
function isCovered(): boolean {
  return document.querySelector('[role="dialog"][data-state="open"]') !== null
}

/** Fields that are typed into or gone through by keys; a tick takes none but the space bar. */
const TYPED = 'input:not([type="checkbox"]), textarea, select'

function isTyping({ target }: Event): boolean {
  return target instanceof Element && target.matches(TYPED)
}

/** What is one sign is meant however it is typed: which signs need Shift goes by the layout. */
const namesOf = (key: string) => (key.length === 1 ? [key, `shift+${key}`] : [key.toLowerCase()])

/** Hears keys while the component is there; typing into a field is never a hotkey. */
export function useHotkeys(keys: Hotkeys): void {
  const byName = new Map(
    [...keys].flatMap(([key, does]) =>
      namesOf(key).map((name): [string, () => void] => [name, does]),
    ),
  )
  useKeys(
    [...byName.keys()],
    (event, { hotkey }) => {
      // A held key goes along a list, and does nothing else twice.
      if (event.repeat && !event.key.startsWith('Arrow')) return
      byName.get(hotkey)?.()
    },
    {
      useKey: true,
      preventDefault: true,
      enableOnFormTags: true,
      ignoreEventWhen: (event) => event.defaultPrevented || isTyping(event) || isCovered(),
    },
  )
}
