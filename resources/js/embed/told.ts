import type { components } from './api'

type Schemas = components['schemas']
export type Widget = Schemas['Widget']
export type Shelf = Schemas['WidgetShelf']
export type Table = Schemas['WidgetTable']
export type Story = Schemas['WidgetStory']
export type StoryText = Schemas['StoryText']
export type Column = Schemas['WidgetColumn']
export type Words = Schemas['WidgetWords']
export type Price = Schemas['WidgetPrice']
export type Questions = Schemas['WidgetQuestions']
export type Cart = Schemas['WidgetCart']
export type Answer = Schemas['Widgets']

/** Of the form of the answers that this script knows. */
export const VERSION = 1

/** A shop that has not answered by now is taken for away. */
export const PATIENCE_MS = 10_000

interface Lasting {
  words: Words
  /** When something of it changes by itself, in ms since 1970. */
  changesAt: number | null
}

/** What a widget shows that sells one thing. */
export interface Told extends Lasting {
  widget: Widget
}

/** What one shows that is a whole price table. */
export interface ToldTable extends Lasting {
  table: Table
}

/** What one shows that is a shelf, a page of it. */
export interface ToldShelf extends Lasting {
  shelf: Shelf
}

export type Shown = Told | ToldTable | ToldShelf

export function isTable(shown: Shown): shown is ToldTable {
  return 'table' in shown
}

export function isShelf(shown: Shown): shown is ToldShelf {
  return 'shelf' in shown
}

/** All that is sold in it. */
export function widgetsOf(shown: Shown): Widget[] {
  if (isShelf(shown)) return shown.shelf.items
  return isTable(shown) ? shown.table.columns.map(({ widget }) => widget) : [shown.widget]
}
