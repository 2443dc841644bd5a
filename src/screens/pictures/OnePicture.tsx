import { ArrowLeft } from 'lucide-react'
import Link from 'next/link'
import type { Picture } from '@/core/model/picture'
import { useRun } from '@/state/writing'
import { Button } from '@/ui/Button'
import { Views } from '@/ui/Views'
import { PointPicture } from '../shared/picture/PointPicture'
import { useTitle } from '../shared/useTitle'
import { PictureFacts } from './PictureFacts'
import { LightSliders, litStyle, ShadowFilter } from './PictureLight'
import { PinList } from './PinList'
import { ToolWords } from './ToolWords'
import { useLit } from './useLit'
import { TOOLS, usePictureTools } from './usePictureTools'
import { useShown } from './useShown'

/** A kept picture: looked at in more or less light, pinned, measured, its colours read. */
export function OnePicture({ picture, onBack }: { picture: Picture; onBack: () => void }) {
  const run = useRun()
  const shown = useShown(picture)
  const tools = usePictureTools(picture, shown.picture)
  const lit = useLit(picture)
  useTitle(picture.name)
  const remove = async () => {
    if (await run('removePicture', picture.id, picture.name)) onBack()
  }
  return (
    <>
      <div className="flex flex-wrap items-center gap-2">
        <Button look="quiet" onClick={onBack}>
          <ArrowLeft className="mr-1 size-4" aria-hidden="true" />
          All pictures
        </Button>
        <h1 className="min-w-0 break-words font-display text-3xl font-semibold">{picture.name}</h1>
        <span className="ml-auto flex flex-wrap gap-2">
          <Link
            href={`/compare?first=${picture.id}`}
            className="key inline-flex min-h-11 items-center px-4"
          >
            Lay beside another
          </Link>
          <Button onClick={() => void remove()}>Remove it</Button>
        </span>
      </div>
      <div className="mt-3 grid gap-x-6 gap-y-5 lg:grid-cols-[minmax(0,1fr)_21rem]">
        <div className="min-w-0">
          {shown.picture ? (
            <>
              <ShadowFilter light={lit.light} />
              <PointPicture
                picture={shown.picture}
                label={picture.name}
                marks={tools.marks}
                seenStyle={litStyle(lit.light)}
                onPoint={tools.point}
              />
            </>
          ) : (
            <p role="status" className="grid min-h-64 place-items-center bg-surround p-4 text-ink">
              {shown.failed ?? 'Opening it…'}
            </p>
          )}
          <div className="mt-2">
            <Views
              label="What a tap on the picture does"
              view={tools.tool}
              views={TOOLS}
              onView={tools.setTool}
            />
          </div>
          <ToolWords picture={picture} tools={tools} />
          <LightSliders {...lit} />
        </div>
        <div className="min-w-0 space-y-6">
          <PinList picture={picture} tools={tools} />
          <PictureFacts picture={picture} />
        </div>
      </div>
    </>
  )
}
