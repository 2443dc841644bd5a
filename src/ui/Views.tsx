import { ToggleGroup } from 'radix-ui'
import { cx } from './cx'

/** Ways to look at one thing side by side: one of them is on. */
export function Views<V extends string>({
  label,
  view,
  views,
  small = false,
  onView,
}: {
  label: string
  view: V
  views: readonly { id: V; say: string }[]
  small?: boolean
  onView: (view: V) => void
}) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      value={view}
      onValueChange={(next) => next !== '' && onView(next as V)}
      className="flex max-w-full gap-px overflow-x-auto"
    >
      {views.map(({ id, say }) => (
        <ToggleGroup.Item
          key={id}
          value={id}
          className={cx(
            'key shrink-0',
            small ? 'min-h-9 px-2.5 text-sm pointer-coarse:min-h-11' : 'min-h-11 px-3',
          )}
        >
          {say}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  )
}
