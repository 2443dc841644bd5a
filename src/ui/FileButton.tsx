/** A button that asks for a file, or for many. The same file can be asked for again. */
export function FileButton({
  say,
  accept,
  many = false,
  camera = false,
  onFile,
}: {
  say: string
  /** Endings and media types, as the browser wants them. */
  accept: string
  many?: boolean
  /** A phone opens its camera. */
  camera?: boolean
  onFile: (file: File, all: readonly File[]) => void
}) {
  return (
    <label className="key inline-flex min-h-11 cursor-pointer items-center px-4 leading-tight has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-act">
      {say}
      <input
        type="file"
        accept={accept}
        multiple={many}
        {...(camera ? { capture: 'environment' as const } : {})}
        className="sr-only"
        onChange={(event) => {
          const files = [...(event.target.files ?? [])]
          event.target.value = ''
          const [file] = files
          if (file) onFile(file, files)
        }}
      />
    </label>
  )
}
