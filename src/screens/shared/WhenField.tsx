import { TextField } from '@/ui/Field'
import { clockTime } from '@/ui/time'
import { isPast, useInstants } from './useInstants'

/** When it was, as people say it: "yesterday evening", "an hour ago", "18:30". What it is taken for is shown. */
export function WhenField({
  label,
  value,
  now,
  onChange,
}: {
  label: string
  value: string
  now: number
  onChange: (typed: string) => void
}) {
  const at = useInstants(value)(value, now)
  const isWrong = value.trim() !== '' && at !== 'coming' && !isPast(at, now)
  return (
    <TextField
      label={label}
      value={value}
      placeholder="an hour ago, yesterday evening, 18:30"
      list="times-before-now"
      error={
        isWrong ? (at === null ? 'I don’t know that time' : 'That hasn’t happened yet') : undefined
      }
      hint={isPast(at, now) ? `Taken for ${clockTime(at, now)}` : undefined}
      onChange={(event) => onChange(event.target.value)}
    />
  )
}

/** Times that are said most often, offered beside every such field. */
export function TimesBeforeNow() {
  return (
    <datalist id="times-before-now">
      {[
        'an hour ago',
        'this morning',
        'yesterday evening',
        'a week ago',
        'a month ago',
        'a year ago',
      ].map((said) => (
        <option key={said} value={said} />
      ))}
    </datalist>
  )
}
