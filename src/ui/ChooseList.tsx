import { Check, ChevronDown } from 'lucide-react'
import { Select } from 'radix-ui'
import { useState } from 'react'
import { TRIGGER } from './chooseLook'
import { type Choice, LONG } from './Field'
import { pageNonce } from './nonce'

/** Stands for the empty value, which the list can't have. */
const NONE = '-'

/** What a list to choose from is made of. */
export type ChooseProps = {
  /** The id of what names it. */
  labelledBy: string
  value: string
  choices: readonly Choice[]
  onChoose: (value: string) => void
}

/** The list of a choice, and what opens it. */
export function ChooseList({ labelledBy, value, choices, onChoose }: ChooseProps) {
  const [open, setOpen] = useState(false)
  const chosen = choices.find((choice) => choice.value === value)
  const isMade = open || choices.length <= LONG
  return (
    <Select.Root
      open={open}
      onOpenChange={setOpen}
      value={value || NONE}
      onValueChange={(next) => onChoose(next === NONE ? '' : next)}
    >
      <Select.Trigger aria-labelledby={labelledBy} className={TRIGGER}>
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
  )
}
