import { useRef } from 'react'

/**
 * Gives the focus back to what had it when a dialog opened, where no trigger of its own opened it.
 *
 * @param open is the dialog there?
 * @returns for the content's `onCloseAutoFocus`
 */
export function useReturnFocus(open: boolean): (event: Event) => void {
  const before = useRef<Element | null>(null)
  const was = useRef(false)
  if (open && !was.current) before.current = document.activeElement
  was.current = open
  return (event) => {
    event.preventDefault()
    if (before.current instanceof HTMLElement && before.current.isConnected) before.current.focus()
  }
}
