import type { components } from './api'

type Schemas = components['schemas']
export type Widget = Schemas['Widget']
export type Words = Schemas['WidgetWords']
export type Price = Schemas['WidgetPrice']
export type Questions = Schemas['WidgetQuestions']
export type Cart = Schemas['WidgetCart']
export type Answer = Schemas['Widgets']

/** Of the form of the answers that this script knows. */
export const VERSION = 1

/** A shop that has not answered by now is taken for away. */
export const PATIENCE_MS = 10_000

/** What a widget shows, and when that changes by itself, in ms since 1970. */
export interface Told {
  widget: Widget
  words: Words
  changesAt: number | null
}
