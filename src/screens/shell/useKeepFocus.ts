import { useEffect } from 'react'

const FOCUSABLE =
  'a[href], button:not([disabled]), input:not([disabled]), select, textarea, summary, [tabindex="0"]'

/**
 * Keeps the focus from falling to the page when what has it goes away: a form that is saved, a row that is removed. It goes to
 * what can be focused nearest to where it was. What gives the focus back itself, as dialogs do, is first.
 */
export function useKeepFocus(): void {
  useEffect(() => {
    let path: Element[] = []
    let asked = false
    const remember = ({ target }: FocusEvent) => {
      path = []
      for (let at = target instanceof Element ? target : null; at; at = at.parentElement)
        path.push(at)
    }
    const mend = () => {
      asked = false
      const [last] = path
      if (!last || last.isConnected || document.activeElement !== document.body) return
      const home = path.find((element) => element.isConnected && !element.contains(document.body))
      const next = home?.querySelector<HTMLElement>(FOCUSABLE) ?? document.getElementById('main')
      // What is looked at stays in view: a link may have led to a place further down.
      next?.focus({ preventScroll: true })
    }
    // Only after dialogs had their turn, and once for all that changes in one go.
    const watch = new MutationObserver(() => {
      if (asked || path[0]?.isConnected !== false) return
      asked = true
      setTimeout(mend, 60)
    })
    document.addEventListener('focusin', remember)
    watch.observe(document.body, { childList: true, subtree: true })
    return () => {
      document.removeEventListener('focusin', remember)
      watch.disconnect()
    }
  }, [])
}
