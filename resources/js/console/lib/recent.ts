import { useLocalStorage } from '@vueuse/core'

const MOST = 12

const opened = useLocalStorage<Record<string, string[]>>('paper-kite-recent', {})

/** What was opened lately in a shop (by its key), the latest first, as the server names things (`2-12`). */
export function recentOf(shop: string): string[] {
  return opened.value[shop] ?? []
}

export function rememberOpened(shop: string, key: string): void {
  opened.value = {
    ...opened.value,
    [shop]: [key, ...recentOf(shop).filter((known) => known !== key)].slice(0, MOST),
  }
}
