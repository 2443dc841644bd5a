import { ChevronDown } from 'lucide-react'
import { type ReactNode, useEffect, useId } from 'react'
import type { ChooseProps } from './ChooseList'
import { TRIGGER } from './chooseLook'
import { useOnDemand } from './useOnDemand'

const load = () => import('./ChooseList')

/** A choice that acts at once: arrow keys only look through the list, Enter or a tap chooses. What opens the list comes behind it. */
export function Choose({
  label,
  hint,
  ...choice
}: Omit<ChooseProps, 'labelledBy'> & { label: string; hint?: ReactNode }) {
  const id = useId()
  const [piece, want] = useOnDemand(load)
  useEffect(want, [want])
  return (
    <div className="min-w-0">
      <span id={id} className="mb-1 block text-sm font-semibold text-soft">
        {label}
      </span>
      {typeof piece === 'object' ? (
        <piece.ChooseList labelledBy={id} {...choice} />
      ) : (
        <button type="button" aria-labelledby={id} className={TRIGGER} onClick={want}>
          {choice.choices.find(({ value }) => value === choice.value)?.say}
          <ChevronDown className="size-4 shrink-0" aria-hidden="true" />
        </button>
      )}
      {hint && <div className="mt-1 text-sm text-soft">{hint}</div>}
    </div>
  )
}
