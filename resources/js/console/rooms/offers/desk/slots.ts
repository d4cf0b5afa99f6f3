import type { Component } from 'vue'
import ChoiceList from '../../../kit/ChoiceList.vue'
import type { Schemas } from '../../../lib/client'
import AmountEditor from './AmountEditor.vue'
import CaptionEditor from './CaptionEditor.vue'
import DestinationEditor from './DestinationEditor.vue'
import GoodsEditor from './GoodsEditor.vue'
import LandingEditor from './LandingEditor.vue'
import LookPick from './LookPick.vue'
import QuantityEditor from './QuantityEditor.vue'
import VariantPick from './VariantPick.vue'

type Entry = Schemas['OfferEntry']

/** What an editor shows, and how it changes the sentence. */
export interface AtSlot {
  entry: Entry
  proof: Schemas['Proof']
  lists: Schemas['Lists'] | null
  item: number
  change: (part: Partial<Entry>) => void
  changeItem: (part: Partial<Schemas['OfferItemEntry']>) => void
  /** Where they keep browsing, and where they land after paying: while the one is used, the other waits here. */
  landings: { browsing: string; paid: string }
}

interface SlotOfSentence {
  name: string
  editor: Component
  bind: (at: AtSlot) => Record<string, unknown>
}

/** A list of choices of one field of the entry. */
function choosing<K extends keyof Entry>(
  name: string,
  label: string,
  field: K,
  choices: (at: AtSlot) => readonly object[],
): SlotOfSentence {
  return {
    name,
    editor: ChoiceList,
    bind: (at) => ({
      modelValue: at.entry[field],
      label,
      choices: choices(at),
      'onUpdate:modelValue': (chosen: Entry[K]) => {
        const part: Partial<Entry> = {}
        part[field] = chosen
        at.change(part)
      },
    }),
  }
}

/** Every slot that a sentence can have: a new one is a line here, and an editor where it needs one of its own. */
export const slots: Record<Schemas['Slot'], SlotOfSentence> = {
  caption: {
    name: 'Caption',
    editor: CaptionEditor,
    bind: ({ entry, proof, change }) => ({
      modelValue: entry.words,
      proof,
      'onUpdate:modelValue': (words: Entry['words']) => change({ words }),
    }),
  },
  look: {
    name: 'Look',
    editor: LookPick,
    bind: ({ entry, proof, change }) => ({
      modelValue: entry.look_id,
      used: proof.look_id,
      'onUpdate:modelValue': (look_id: Entry['look_id']) => change({ look_id }),
    }),
  },
  quantity: {
    name: 'Quantity',
    editor: QuantityEditor,
    bind: ({ entry, item, change, changeItem }) => ({
      quantity: entry.items[item]?.quantity ?? '',
      ask: entry.ask,
      canAsk: entry.items.length === 1,
      'onUpdate:quantity': (quantity: string) => changeItem({ quantity }),
      'onUpdate:ask': (ask: Entry['ask']) => change({ ask }),
    }),
  },
  product: {
    name: 'Product',
    editor: GoodsEditor,
    bind: ({ entry, item, lists, change }) => ({
      modelValue: entry.items,
      at: item,
      // Without goods a click leads to the cart or to paying; whatever else stood there gives way.
      'onUpdate:modelValue': (items: Entry['items']) => {
        const chosen = lists?.destinations.find(({ value }) => value === entry.destination)
        const isPossible = items.length > 0 || chosen?.is_possible_without_goods
        change({ items, ...(isPossible ? {} : { destination: 'cart' }) })
      },
    }),
  },
  variant: {
    name: 'Variant',
    editor: VariantPick,
    bind: ({ entry, proof, item, changeItem }) => ({
      modelValue: entry.items[item]?.variant ?? '',
      variants: proof.variants[item] ?? [],
      'onUpdate:modelValue': (variant: string) => changeItem({ variant }),
    }),
  },
  amount: {
    name: 'Amount',
    editor: AmountEditor,
    bind: ({ entry, item, changeItem }) => ({
      modelValue: entry.items[item]?.amount ?? '',
      'onUpdate:modelValue': (amount: string) => changeItem({ amount }),
    }),
  },
  // A slot lists only what works now.
  destination: {
    name: 'Destination',
    editor: DestinationEditor,
    bind: ({ entry, proof, change, landings }) => ({
      modelValue: entry.destination,
      page: entry.page,
      choices: proof.destinations,
      'onUpdate:modelValue': (destination: Entry['destination']) => {
        const [before, now] = [entry.destination, destination].map((one) => (one === 'stay' ? 'browsing' : 'paid')) as [
          keyof typeof landings,
          keyof typeof landings,
        ]
        if (before === now) return change({ destination })
        landings[before] = entry.landing
        change({ destination, landing: landings[now] })
      },
      'onUpdate:page': (page: string) => change({ page }),
    }),
  },
  cart_use: choosing('What is paid', 'What is paid', 'cart_use', ({ lists }) => lists?.cart_uses ?? []),
  opening: choosing('How it opens', 'How it opens', 'opening', ({ proof }) => proof.openings),
  landing: {
    name: 'Where they land',
    editor: LandingEditor,
    bind: ({ entry, change }) => ({
      modelValue: entry.landing,
      'onUpdate:modelValue': (landing: string) => change({ landing }),
    }),
  },
}
