import { Dialog } from 'radix-ui'
import type { ReactNode } from 'react'
import { useReturnFocus } from './useReturnFocus'

/** What is chosen on a phone, over the lower part of the page, where a thumb reaches; closing it gives the focus back. */
export function Sheet({
  title,
  onClose,
  children,
}: {
  /** Told by screen readers; shown by what is in it. */
  title: string
  onClose: () => void
  children: ReactNode
}) {
  const giveBack = useReturnFocus(true)
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content
          aria-describedby={undefined}
          onCloseAutoFocus={giveBack}
          className="fixed inset-x-0 bottom-0 z-50 max-h-[80dvh] overflow-y-auto overscroll-contain border-t-4 border-act bg-surface p-4 shadow-xl"
        >
          <Dialog.Title className="sr-only">{title}</Dialog.Title>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
