/** An act that is asked for again while it is on its way is done once. */
export function oneAtATime<A extends unknown[], T>(act: (...it: A) => Promise<T>): (...it: A) => Promise<T> {
  let onItsWay: Promise<T> | null = null
  return (...it) => {
    onItsWay ??= act(...it).finally(() => (onItsWay = null))
    return onItsWay
  }
}
