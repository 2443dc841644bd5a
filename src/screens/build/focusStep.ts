/** Puts the focus on a step of the core sample once it is there; on the sample itself where there is none. */
export function focusStep(id: string | null): void {
  requestAnimationFrame(() => {
    const step = id && document.querySelector(`[data-step="${CSS.escape(id)}"] [aria-pressed]`)
    const target = step || document.querySelector('[aria-label="Core"] button')
    if (target instanceof HTMLElement) target.focus()
  })
}
