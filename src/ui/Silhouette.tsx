/** The outline of a part in its present colour. */
export function Silhouette({
  width,
  height,
  path,
  colour,
  scale,
}: {
  /** Its box and its outline, mm. */
  width: number
  height: number
  path: string
  /** What lies on it; null: nothing does yet. */
  colour: string | null
  /** Pixels a millimetre. */
  scale: number
}) {
  return (
    <svg
      aria-hidden="true"
      width={Math.ceil(width * scale) + 2}
      height={Math.ceil(height * scale) + 2}
      viewBox={`${-1 / scale} ${-1 / scale} ${width + 2 / scale} ${height + 2 / scale}`}
      className="max-w-full shrink-0"
      style={{ forcedColorAdjust: 'none' }}
    >
      <path
        d={path}
        fill={colour ?? 'transparent'}
        className="stroke-ink/60"
        strokeWidth={1}
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  )
}
