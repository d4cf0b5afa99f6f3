import { useEventListener, useLocalStorage } from '@vueuse/core'
import { onScopeDispose, reactive, readonly } from 'vue'

export interface Key {
  key: string
  does: string
  run: () => void
}

const keys = reactive<Key[]>([])

/** Whether single keys act; people who speak to their computer or type by accident switch them off (WCAG 2.1.4). */
export const areKeysOn = useLocalStorage('paper-kite-keys', true)

export const activeKeys = readonly(keys)

/** Makes single keys act while the calling component lives. */
export function useKeys(...added: Key[]): void {
  keys.push(...added)
  onScopeDispose(() => {
    for (const key of added) {
      const index = keys.findIndex((known) => known.key === key.key && known.does === key.does)
      if (index >= 0) keys.splice(index, 1)
    }
  })
}

/** Listens for the keys; called once, by the frame of the application. */
export function useKeyListener(): void {
  useEventListener(document, 'keydown', (event) => {
    if (!areKeysOn.value || event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return
    if (isTyping(event.target) || document.querySelector('[role="dialog"]')) return
    const key = keys.findLast((known) => known.key === event.key)
    if (!key) return
    event.preventDefault()
    key.run()
  })
}

function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    target.closest('input, textarea, select, [contenteditable], [role="listbox"]') !== null
  )
}
