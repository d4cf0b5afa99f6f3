import { useElementSize, useMediaQuery } from '@vueuse/core'
import { onUnmounted, watchEffect, type Ref } from 'vue'

/** What stays in view at the top, and the bar that saves at the bottom, never hide what has the focus (WCAG 2.2, 2.4.11). */
const BAR = 72

/** @param top The element that stays in view on wide screens. */
export function useStickyRoom(top: Ref<HTMLElement | null>): void {
  const { height } = useElementSize(top, undefined, { box: 'border-box' })
  const isWide = useMediaQuery('(min-width: 64rem)')
  const { style } = document.documentElement

  watchEffect(() => {
    style.scrollPaddingBlock = isWide.value ? `${height.value + 8}px ${BAR}px` : ''
  })
  onUnmounted(() => (style.scrollPaddingBlock = ''))
}
