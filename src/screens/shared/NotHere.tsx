import { Button } from '@/ui/Button'

/** In the place of what couldn't be loaded. */
export function NotHere({ says, onAgain }: { says: string; onAgain: () => void }) {
  return (
    <p role="alert" className="mt-4 flex flex-wrap items-center gap-3 border-l-4 border-stop pl-3">
      {says}
      <Button size="small" onClick={onAgain}>
        Try again
      </Button>
    </p>
  )
}
