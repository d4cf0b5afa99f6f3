import { element } from './elements'
import type { Story } from './told'

/** What is shown of goods before they are bought; nothing of it is loaded before it is asked for. */
export function sampleOf(sample: Story['sample'] | undefined): HTMLElement | null {
  if (!sample) return null
  const { title, kind, src, pictures } = sample
  if (src === '')
    return element(
      'details',
      { part: 'sample' },
      element('summary', { dir: 'auto' }, title),
      ...pictures.map(({ src: at, alt, width, height }) =>
        // Before it has an address: afterwards it would be loaded at once.
        element('img', { loading: 'lazy', class: 'page', src: at, alt, width: String(width), height: String(height) }),
      ),
    )
  const player =
    kind === 'audio'
      ? element('audio', { controls: true, preload: 'none', src })
      : element('video', { controls: true, playsinline: true, preload: 'none', src })
  return element('figure', { part: 'sample' }, element('figcaption', { dir: 'auto' }, title), player)
}
