import type { Shown, Widget } from '../../embed/told'
import { isShelf, isTable } from '../../embed/told'

/** The console shows pictures of its own host alone, where each shop's are, too. */
export function here(shown: Shown): Shown {
  if (isShelf(shown)) return { ...shown, shelf: { ...shown.shelf, items: shown.shelf.items.map(hereOf) } }
  if (!isTable(shown)) return { ...shown, widget: hereOf(shown.widget) }
  const columns = shown.table.columns.map((column) => ({ ...column, widget: hereOf(column.widget) }))
  return { ...shown, table: { ...shown.table, columns } }
}

function path(address: string): string {
  return new URL(address).pathname
}

function hereOf(widget: Widget): Widget {
  return {
    ...widget,
    picture: widget.picture && { ...widget.picture, src: path(widget.picture.src) },
    icon: widget.icon && { ...widget.icon, src: widget.icon.src && path(widget.icon.src) },
    goods: widget.goods && { ...widget.goods, picture: widget.goods.picture && path(widget.goods.picture) },
    story: widget.story.map((story) => ({
      ...story,
      pictures: story.pictures.map((picture) => ({ ...picture, src: path(picture.src) })),
    })),
    questions: widget.questions.map((question) => ({
      ...question,
      variants: question.variants.map((variant) => ({
        ...variant,
        picture: variant.picture === null ? null : path(variant.picture),
      })),
    })),
  }
}
