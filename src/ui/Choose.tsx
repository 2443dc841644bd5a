import { Check, ChevronDown } from 'lucide-react'
import { Select } from 'radix-ui'
import { type ReactNode, useId, useState } from 'react'
import { type Choice, LONG } from './Field'
import { pageNonce } from './nonce'

/** Stands for the empty value, which the list can't have. */
const NONE = '-'

/** A choice that acts at once: arrow keys only look through the list, Enter or a tap chooses. */
export function Choose({
  label,
  value,
  choices,
  hint,
  onChoose,
}: {
  label: string
  value: string
  choices: readonly Choice[]
  hint?: ReactNode
  onChoose: (value: string) => void
}) {
  const id = useId()
  const [open, setOpen] = useState(false)
  const chosen = choices.find((choice) => choice.value === value)
  const isMade = open || choices.length <= LONG
  return (
    <div className="min-w-0">
      <span id={id} className="mb-1 block text-sm font-semibold text-soft">
        {label}
      </span>
      <Select.Root
        open={open}
        onOpenChange={setOpen}
        value={value || NONE}
        onValueChange={(next) => onChoose(next === NONE ? '' : next)}
      >
        <Select.Trigger
          aria-labelledby={id}
          className="control flex min-h-11 w-full items-center justify-between gap-2 px-2.5 text-left"
        >
          <Select.Value>{chosen?.say}</Select.Value>
          <ChevronDown className="size-4 shrink-0" aria-hidden="true" />
        </Select.Trigger>
        <Select.Portal>
          <Select.Content
            position="popper"
            sideOffset={2}
            className="z-50 max-h-80 w-(--radix-select-trigger-width) overflow-y-auto bg-raised shadow-xl"
          >
            <Select.Viewport nonce={pageNonce()}>
              {(isMade ? choices : []).map(({ value, say }) => (
                <Select.Item
                  key={value || NONE}
                  value={value || NONE}
                  className="flex min-h-11 cursor-pointer items-center justify-between gap-2 px-2.5 outline-none data-highlighted:bg-act-wash"
                >
                  <Select.ItemText>{say}</Select.ItemText>
                  <Select.ItemIndicator>
                    <Check className="size-4" aria-hidden="true" />
                  </Select.ItemIndicator>
                </Select.Item>
              ))}
            </Select.Viewport>
          </Select.Content>
        </Select.Portal>
      </Select.Root>
      {hint && <div className="mt-1 text-sm text-soft">{hint}</div>}
    </div>
  )
}
