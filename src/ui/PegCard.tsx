import { Popover } from 'radix-ui'
import { type RefObject, useRef } from 'react'
import type { Peg } from './DryingLine'
import { clockTime, sayFigures } from './time'

/** What hangs on a peg, when it is ready, and what can be done with it. */
export function PegCard({
  peg,
  now,
  anchor,
  onClose,
  onOpen,
}: {
  peg: Peg
  now: number
  /** What it hangs on, and what the focus goes back to. */
  anchor: RefObject<HTMLButtonElement | null>
  onClose: () => void
  onOpen: (id: string) => void
}) {
  const isLeft = useRef(false)
  return (
    <Popover.Root open onOpenChange={(open) => !open && onClose()}>
      <Popover.Anchor virtualRef={anchor as RefObject<HTMLButtonElement>} />
      <Popover.Portal>
        <Popover.Content
          sideOffset={4}
          collisionPadding={8}
          onInteractOutside={(event) => {
            // The peg itself closes it by its own click.
            if (anchor.current?.contains(event.target as Node)) event.preventDefault()
            else isLeft.current = true
          }}
          onCloseAutoFocus={(event) => {
            event.preventDefault()
            if (!isLeft.current) anchor.current?.focus()
          }}
          className="z-40 w-72 rounded-tool border border-rule bg-raised p-3 shadow-lg"
        >
          <p className="font-display text-lg font-semibold">{peg.part}</p>
          <p className="text-sm text-soft">{peg.build}</p>
          <p className="mt-2">
            {peg.act}:{' '}
            <span className="whitespace-nowrap">
              {peg.readyAt > now
                ? `${clockTime(peg.readyAt, now)}, in ${sayFigures(peg.readyAt - now)}`
                : 'ready now'}
            </span>
            {peg.closesAt !== null && `; until ${clockTime(peg.closesAt, now)}`}
          </p>
          <div className="mt-3 flex flex-wrap gap-2">
            {peg.log && (
              <Popover.Close asChild>
                <button
                  type="button"
                  onClick={peg.log.run}
                  className="min-h-11 rounded-tool border-2 border-act bg-act px-3 font-semibold text-act-ink"
                >
                  {peg.log.say}
                </button>
              </Popover.Close>
            )}
            <Popover.Close asChild>
              <button type="button" onClick={() => onOpen(peg.id)} className="key min-h-11 px-3">
                Open at the bench
              </button>
            </Popover.Close>
          </div>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
