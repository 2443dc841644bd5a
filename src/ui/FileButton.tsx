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
    <label className="key inline-flex min-h-11 cursor-pointer items-center px-4 leading-tight has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-act">
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
