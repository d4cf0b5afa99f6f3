import { widgetOf, type Widget } from './data'

const SVG = 'http://www.w3.org/2000/svg'
const SHEET =
  ':host{display:inline-block;max-width:100%}:host([hidden]){display:none}.note{display:block;font-size:.8em;margin-top:.3em}'

/** `/k/abc1234` at the end of a whole address. */
const LINK = /^\/k\/([0-9a-z]{7})$/i

/** A style sheet that is made here needs no leave of a strict page. */
function sheet(css: string): CSSStyleSheet {
  const made = new CSSStyleSheet()
  made.replaceSync(css)
  return made
}

function icon(widget: Widget): SVGElement[] {
  if (!widget.icon) return []
  const mark = document.createElementNS(SVG, 'svg')
  const path = document.createElementNS(SVG, 'path')
  const { size, gap, is_last } = widget.icon
  for (const [name, value] of Object.entries({
    viewBox: '0 0 20 20',
    width: String(size),
    height: String(size),
    fill: 'none',
    stroke: 'currentColor',
    'stroke-width': '2',
    'stroke-linecap': 'round',
    'stroke-linejoin': 'round',
    'aria-hidden': 'true',
  }))
    mark.setAttribute(name, value)
  mark.style.verticalAlign = '-0.12em'
  mark.style[is_last ? 'marginInlineStart' : 'marginInlineEnd'] = `${gap}px`
  path.setAttribute('d', widget.icon.path)
  mark.append(path)
  return [mark]
}

function content(widget: Widget): Node[] {
  if (widget.picture) {
    const picture = new Image()
    picture.src = widget.picture.src
    picture.alt = widget.picture.alt
    picture.style.cssText = widget.picture.style
    return [picture]
  }
  const words = document.createTextNode(widget.caption)
  return widget.icon?.is_last ? [words, ...icon(widget)] : [...icon(widget), words]
}

/** A widget of a shop: `<paper-kite code="…">` around a plain link, which stands for as long as nothing better is known. */
class PaperKite extends HTMLElement {
  static readonly observedAttributes = ['code']

  private stands = false

  connectedCallback(): void {
    this.stands = true
    void this.show()
    document.addEventListener('visibilitychange', this)
  }

  disconnectedCallback(): void {
    this.stands = false
    document.removeEventListener('visibilitychange', this)
  }

  attributeChangedCallback(): void {
    // What is told of an element before it stands on the page is shown once it does.
    if (this.stands) void this.show()
  }

  /** Whoever comes back to a page finds it as it is now. */
  handleEvent(): void {
    if (document.visibilityState === 'visible') void this.show()
  }

  /** Its shop is known by the link inside it, and by nothing else. */
  private shop(): { origin: string; code: string } | null {
    const link = this.querySelector<HTMLAnchorElement>('a[href]')
    if (!link) return null
    const { origin, pathname } = new URL(link.href)
    const code = (this.getAttribute('code') ?? LINK.exec(pathname)?.[1] ?? '').toLowerCase()
    return LINK.test(pathname) && LINK.test(`/k/${code}`) ? { origin, code } : null
  }

  private async show(): Promise<void> {
    const shop = this.shop()
    if (!shop) return
    try {
      const widget = await widgetOf(shop.origin, shop.code)
      const now = this.shop()
      if (widget && now?.code === shop.code && this.stands) this.draw(widget)
    } catch {
      // The page goes on as it is: what was drawn last, or the plain link.
      this.dispatchEvent(new CustomEvent('paperkite:failed', { bubbles: true, composed: true }))
    }
  }

  private draw(widget: Widget): void {
    const root = this.shadowRoot ?? this.attachShadow({ mode: 'open' })
    const hadFocus = root.activeElement !== null
    const button = document.createElement('a')
    button.className = 'button'
    button.part.add('button')
    button.dir = 'auto'
    button.href = widget.href
    button.rel = widget.rel
    if (widget.opens_new_tab) button.target = '_blank'
    if (widget.state !== 'idle') button.setAttribute('aria-disabled', 'true')
    button.append(...content(widget))
    const note = document.createElement('small')
    note.className = 'note'
    note.part.add('note')
    note.dir = 'auto'
    note.textContent = widget.note
    root.adoptedStyleSheets = [sheet(SHEET), ...(widget.picture ? [] : [sheet(widget.css)])]
    root.replaceChildren(button, ...(widget.note === '' ? [] : [note]))
    if (hadFocus) button.focus()
  }
}

// The first script on a page serves all.
if (!customElements.get('paper-kite')) customElements.define('paper-kite', PaperKite)
