import Link from 'next/link'
import { PICTURE_WORDS } from '@/core/knowledge'
import { PICTURE_KINDS, type Picture, type PictureKind } from '@/core/model/picture'
import { useProject } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { Choose } from '@/ui/Choose'
import { TextField } from '@/ui/Field'
import { clockTime } from '@/ui/time'
import { useNow } from '../shared/now'

/** What a picture is of, and when it was taken. */
export function PictureFacts({ picture }: { picture: Picture }) {
  const run = useRun()
  const now = useNow(60_000)
  const { builds = [] } = useProject()
  const build = builds.find(({ id }) => id === picture.build)
  const set = (fields: { [F in keyof Picture]?: Picture[F] | undefined }, label: string) =>
    void run('changePicture', picture.id, fields, label)
  const rename = (name: string) => {
    const said = name.trim().slice(0, 120)
    if (said !== '' && said !== picture.name) set({ name: said }, `Renamed: ${said}`)
  }
  return (
    <section aria-labelledby="picture-facts" className="space-y-3">
      <h2 id="picture-facts" className="font-display text-xl font-semibold">
        What it is
      </h2>
      <TextField
        key={picture.name}
        label="Name"
        defaultValue={picture.name}
        maxLength={120}
        onBlur={({ target }) => rename(target.value)}
        onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
      />
      <Choose
        label="A picture of"
        value={picture.kind}
        choices={PICTURE_KINDS.map((value) => ({ value, say: PICTURE_WORDS[value] }))}
        onChoose={(kind) => set({ kind: kind as PictureKind }, 'What a picture is of')}
      />
      <Choose
        label="Build"
        value={build?.id ?? ''}
        choices={[
          { value: '', say: 'None' },
          ...builds.map(({ id, name }) => ({ value: id, say: name })),
        ]}
        onChoose={(id) => set({ build: id || undefined, part: undefined }, 'Whose picture it is')}
      />
      {build && (
        <Choose
          label="Part"
          value={picture.part ?? ''}
          choices={[
            { value: '', say: 'All of it' },
            ...build.parts.map(({ id, name }) => ({ value: id, say: name })),
          ]}
          onChoose={(id) => set({ part: id || undefined }, 'Of which part it is')}
        />
      )}
      <p className="text-sm text-soft">
        {clockTime(Date.parse(picture.at), now)}, {picture.width} × {picture.height} px.{' '}
        {build && (
          <Link href={`/builds/${build.id}`} className="text-act underline">
            To the build
          </Link>
        )}
      </p>
    </section>
  )
}
