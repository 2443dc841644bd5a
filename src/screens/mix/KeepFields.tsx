import { Button } from '@/ui/Button'
import { TextField } from '@/ui/Field'
import { ForBuild } from '../shared/ForBuild'
import type { MixDesk } from './useMixDesk'

/** Under which name a mix is kept, for what, and whether it is taken out of the bottles. */
export function KeepFields({ desk }: { desk: MixDesk }) {
  const { name, setName, nameError, forBuild, setForBuild, takenOut, setTakenOut, lines } = desk
  return (
    <div className="flex flex-wrap items-start gap-2 border-t border-rule pt-4">
      <div className="min-w-0 flex-1 basis-60">
        <TextField
          label="Save it for touch-ups as"
          value={name}
          error={nameError}
          onChange={(event) => setName(event.target.value)}
        />
      </div>
      <div className="min-w-0 flex-1 basis-48">
        <ForBuild value={forBuild} onChange={setForBuild} />
      </div>
      <Button type="submit" look="act" className="mt-6">
        Save the mix
      </Button>
      {lines.some((line) => line.bottle !== '') && (
        <label className="flex min-h-11 w-full items-center gap-2">
          <input
            type="checkbox"
            className="size-5"
            checked={takenOut}
            onChange={(event) => setTakenOut(event.target.checked)}
          />
          Take what was used off the bottles
        </label>
      )}
    </div>
  )
}
