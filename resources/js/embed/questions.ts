import { isThere, variantOf } from '../shared/variants'
import { element } from './elements'
import { shown } from './price'
import type { Questions, Told } from './told'

/** The questions that a shopper has still to answer, and what follows from the answers. */
export function questions(told: Told, lang: string, chosen: (variant: Questions['variants'][number]) => void): Node[] {
  const { widget, words } = told
  const isOne = widget.questions.length === 1
  return [
    ...widget.questions.map((question) => {
      const group = element('div', { class: 'question', part: 'question' })
      if (!isOne) group.append(element('p', { class: 'of', dir: 'auto' }, question.name))
      if (question.options.length > 0) group.append(...options(question, words.sold_out, chosen))
      if (question.amounts) group.append(...amounts(question.line, question.amounts, told, lang))
      return group
    }),
    ...(widget.ask ? [howMany(widget.ask)] : []),
  ]
}

function labelled(label: string, field: HTMLElement): HTMLElement {
  return element('label', { class: 'field' }, element('span', { dir: 'auto' }, label), field)
}

function options(
  question: Questions,
  soldOut: string,
  chosen: (variant: Questions['variants'][number]) => void,
): Node[] {
  const selects = question.options.map((option, index) => {
    const select = element('select', { name: `choice[${question.line}][]`, dir: 'auto', part: 'field' })
    const before = question.preselected[index]
    if (before === undefined) select.append(element('option', { value: '' }, '–'))
    for (const choice of option.choices) select.append(new Option(choice, choice, choice === before, choice === before))
    return select
  })
  const note = element('p', { class: 'stock', dir: 'auto', 'aria-live': 'polite' })
  const show = (): void => {
    const made = selects.map(({ value }) => value || undefined)
    selects.forEach((select, index) => {
      for (const option of select.options) {
        if (option.value === '') continue
        const isLeft = isThere(question.variants, ({ is_sold_out }) => is_sold_out, made, index, option.value)
        option.textContent = isLeft ? option.value : `${option.value} (${soldOut})`
      }
    })
    const variant = variantOf(question.variants, made)
    note.textContent = [variant?.when, variant?.stock].filter(Boolean).join(' · ')
    if (variant) chosen(variant)
  }
  for (const select of selects) select.addEventListener('change', show)
  show()
  return [...selects.map((select, index) => labelled(question.options[index]?.name ?? '', select)), note]
}

function amounts(line: number, asked: NonNullable<Questions['amounts']>, told: Told, lang: string): Node[] {
  const field = element('input', {
    name: `own_amount[${line}]`,
    inputmode: 'decimal',
    autocomplete: 'off',
    part: 'field',
    size: '8',
  })
  return [
    element(
      'fieldset',
      {},
      element('legend', { dir: 'auto' }, asked.label),
      ...asked.suggested.map((price) => {
        const radio = element('input', {
          type: 'radio',
          name: `amount[${line}]`,
          value: price.amount,
          checked: price.amount === asked.usual,
        })
        radio.addEventListener('change', () => (field.value = ''))
        return element('label', { class: 'pick' }, radio, element('span', {}, shown(price, told.words, lang).now))
      }),
    ),
    labelled(asked.other, field),
    element('p', { class: 'stock', dir: 'auto' }, asked.limits),
  ]
}

function howMany(ask: NonNullable<Told['widget']['ask']>): HTMLElement {
  const field = element('input', {
    name: 'quantity',
    type: 'number',
    min: String(ask.least),
    max: String(ask.most),
    value: String(ask.usual),
    part: 'field',
  })
  return labelled(ask.label, field)
}
