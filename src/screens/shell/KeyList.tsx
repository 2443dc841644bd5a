'use client'

import { Dialog } from 'radix-ui'
import { Button } from '@/ui/Button'
import { useReturnFocus } from '@/ui/useReturnFocus'
import { KEYS } from './screens'

export function KeyList({ onClose }: { onClose: () => void }) {
  const giveBack = useReturnFocus(true)
  return (
    <Dialog.Root open onOpenChange={(next) => !next && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-50 bg-black/50" />
        <Dialog.Content
          aria-describedby={undefined}
          onCloseAutoFocus={giveBack}
          className="fixed top-[12vh] left-1/2 z-50 w-[min(28rem,94vw)] -translate-x-1/2 rounded-tool border border-rule bg-raised p-4"
        >
          <Dialog.Title className="mb-3 font-display text-xl font-semibold">Keys</Dialog.Title>
          <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1.5">
            {KEYS.map(({ keys, does }) => (
              <div key={keys} className="contents">
                <dt className="font-semibold whitespace-nowrap">{keys}</dt>
                <dd>{does}</dd>
              </div>
            ))}
          </dl>
          <Dialog.Close asChild>
            <Button className="mt-4">Close</Button>
          </Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
