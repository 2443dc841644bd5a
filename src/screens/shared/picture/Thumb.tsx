import { useBlobUrl, usePhoto } from '@/state/usePhoto'
import { cx } from '@/ui/cx'

/** A kept picture, small, whole within its box on the neutral surround. */
export function Thumb({ id, say, className }: { id: string; say: string; className: string }) {
  const photo = usePhoto(id, 'thumbs')
  const url = useBlobUrl(photo)
  return (
    <span className={cx('flex items-center justify-center overflow-hidden bg-surround', className)}>
      {url && (
        // biome-ignore lint/performance/noImgElement: it lies in this browser, not on a server
        <img src={url} alt={say} decoding="async" className="size-full min-h-0 object-contain" />
      )}
      {photo === 'lost' && <span className="p-2 text-sm text-ink">not in this browser</span>}
    </span>
  )
}
