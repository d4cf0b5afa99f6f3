/** Says at the cart how many pieces are in it. */
export function showCount(pieces: number): void {
  const place = document.querySelector<HTMLElement>('[data-cart-count]')
  if (!place) return
  place.textContent = String(pieces)
  place.hidden = pieces === 0
}

/** @param page as it was sent, which tells it at its own cart */
export function showCountOf(page: string): void {
  const told = /data-cart-count="(\d+)"/.exec(page)?.[1]
  if (told !== undefined) showCount(Number(told))
}
