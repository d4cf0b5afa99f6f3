type Attributes = Record<string, string | boolean>

/** An element with its attributes and what stands in it; an attribute that is false is left out. */
export function element<K extends keyof HTMLElementTagNameMap>(
  name: K,
  attributes: Attributes = {},
  ...children: (Node | string | null)[]
): HTMLElementTagNameMap[K] {
  const made = document.createElement(name)
  for (const [key, value] of Object.entries(attributes))
    if (value !== false) made.setAttribute(key, value === true ? '' : value)
  made.append(...children.filter((child) => child !== null))
  return made
}

/** A style sheet that is made here needs no leave of a strict page. */
export function sheet(css: string): CSSStyleSheet {
  const made = new CSSStyleSheet()
  made.replaceSync(css)
  return made
}
