import { useRouter } from 'next/navigation'
import { useEffect } from 'react'
import { useSay } from '@/state/hooks'
import { sendDropped, takerOf } from '../shared/dropped'

/** Files that are dropped or pasted anywhere go to the screen that takes them; what nobody takes is told. */
export function useDrops(): void {
  const router = useRouter()
  const say = useSay()
  useEffect(() => {
    const take = (files: FileList | undefined, event: Event) => {
      const file = files?.[0]
      if (!file) return
      event.preventDefault()
      const taker = takerOf(file.name)
      if (!taker)
        return say(
          `${file.name} is nothing that is read here: pictures, CSV, GPL, STL, OBJ, TXT, JSON, ZIP are`,
        )
      router.push(taker.screen)
      const alike = [...(files ?? [])].filter(({ name }) => takerOf(name)?.kind === taker.kind)
      sendDropped(taker.kind, [file, ...alike.filter((other) => other !== file)])
    }
    const over = (event: DragEvent) => {
      if (event.dataTransfer?.types.includes('Files')) event.preventDefault()
    }
    const drop = (event: DragEvent) => take(event.dataTransfer?.files, event)
    const paste = (event: ClipboardEvent) => take(event.clipboardData?.files, event)
    document.addEventListener('dragover', over)
    document.addEventListener('drop', drop)
    document.addEventListener('paste', paste)
    return () => {
      document.removeEventListener('dragover', over)
      document.removeEventListener('drop', drop)
      document.removeEventListener('paste', paste)
    }
  }, [router, say])
}
