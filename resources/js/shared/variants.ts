/** What a variant is told by, and whether any of it is left. */
interface Choosable {
  choices: string[]
}

/** The variant that has just these choices; undefined where one is still to be made, or there is none. */
export function variantOf<V extends Choosable>(variants: V[], chosen: (string | undefined)[]): V | undefined {
  return variants.find(({ choices }) => choices.every((choice, index) => choice === chosen[index]))
}

/** Whether a choice of an option leads to something that is left, with the other options as they stand. */
export function isThere<V extends Choosable>(
  variants: V[],
  isSoldOut: (variant: V) => boolean,
  chosen: (string | undefined)[],
  option: number,
  choice: string,
): boolean {
  const wanted = chosen.map((other, index) => (index === option ? choice : other))
  return variants.some(
    (variant) =>
      !isSoldOut(variant) && variant.choices.every((has, at) => wanted[at] === undefined || wanted[at] === has),
  )
}
