import { cartAt, Refused } from './cart'
import { wholeOf } from './data'
import { draw } from './draw'
import { element, sheet } from './elements'
import { carryOver } from './field'
import { clickedOn } from './sale'

/** What the part of the script that is loaded when first needed takes from the other: each is there once. */
export const kit = { carryOver, cartAt, clickedOn, draw, element, Refused, sheet, wholeOf }

export type Kit = typeof kit
