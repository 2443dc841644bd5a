/** Where a part's core sample will stand: as high as the window, so that what follows comes once, and doesn't jump. */
export function Looking() {
  return (
    <p className="mt-4 min-h-screen text-soft" role="status">
      Looking at it…
    </p>
  )
}
