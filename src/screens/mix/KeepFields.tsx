import { Button } from '@/ui/Button'
import { TextField } from '@/ui/Field'
import { Tick } from '@/ui/Tick'
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
        <Tick className="min-h-11 w-full" on={takenOut} onTick={setTakenOut}>
          Take what was used off the bottles
        </Tick>
      )}
    </div>
  )
}
