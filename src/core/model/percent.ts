/** A share, 0 to 1, as whole percent: "40 %". */
export function percent(share: number): string {
  return `${Math.round(share * 100)} %`
}
