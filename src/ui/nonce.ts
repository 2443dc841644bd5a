/** What the page’s policy lets styles in by that a library makes while it runs; undefined: there is none. */
export function pageNonce(): string | undefined {
  return document.querySelector<HTMLScriptElement>('script[nonce]')?.nonce
}
