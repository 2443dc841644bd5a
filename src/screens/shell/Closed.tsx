import { useBench } from '@/state/benchContext'
import { givenProject } from '@/state/documents'
import { fileText } from '@/store/documents'
import { Button } from '@/ui/Button'
import { saveFile } from '@/ui/saveFile'

/** Why nothing is written from this page any more. */
const TOLD = {
  gone: 'Your data was taken out of this browser while this page was open.',
  'taken-over': 'A newer Tectoria in another tab has taken over your data.',
  failed: 'What reads and writes your data failed again and again in this tab.',
}

/** The database is no longer this page's: nothing is written from here any more, but what it shows can be saved. */
export function Closed({ standing }: { standing: keyof typeof TOLD }) {
  const { documents } = useBench()
  const isWhole = standing !== 'taken-over'
  const isLast = standing === 'gone'
  const save = () => {
    const stock = documents.stock.get()
    const name = `tectoria-${new Date().toISOString().slice(0, 10)}.json`
    if (stock) saveFile(name, fileText(givenProject(stock), Date.now()), 'application/json')
  }
  return (
    <div
      role="alert"
      data-screen-only
      className="sticky top-0 z-30 flex flex-wrap items-center gap-x-3 gap-y-1 border-stop border-b-4 bg-raised px-4 py-2 lg:px-6"
    >
      <p>
        {TOLD[standing]} {isWhole ? 'It shows what was there, and' : 'This page'} writes nothing any
        more.
      </p>
      {isWhole && (
        <Button look={isLast ? 'act' : 'plain'} size="small" onClick={save}>
          Save what it shows
        </Button>
      )}
      <Button look={isLast ? 'plain' : 'act'} size="small" onClick={() => location.reload()}>
        Load it anew
      </Button>
    </div>
  )
}
