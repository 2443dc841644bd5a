/** A button that asks for one file. The same file can be asked for again. */
export function FileButton({
  say,
  accept,
  onFile,
}: {
  say: string
  /** Endings and media types, as the browser wants them. */
  accept: string
  onFile: (file: File) => void
}) {
  return (
    <label className="inline-flex min-h-11 cursor-pointer items-center rounded-tool border-2 border-strong bg-raised px-4 leading-tight focus-within:outline-2 focus-within:outline-offset-2 focus-within:outline-act hover:border-ink">
      {say}
      <input
        type="file"
        accept={accept}
        className="sr-only"
        onChange={(event) => {
          const file = event.target.files?.[0]
          event.target.value = ''
          if (file) onFile(file)
        }}
      />
    </label>
  )
}
