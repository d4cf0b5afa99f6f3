import type { Told } from '../../embed/told'

/** The console shows pictures of its own host alone, where each shop's are, too. */
export function here(told: Told): Told {
  const path = (address: string): string => new URL(address).pathname
  const { widget } = told
  return {
    ...told,
    widget: {
      ...widget,
      picture: widget.picture && { ...widget.picture, src: path(widget.picture.src) },
      goods: widget.goods && { ...widget.goods, picture: widget.goods.picture && path(widget.goods.picture) },
      questions: widget.questions.map((question) => ({
        ...question,
        variants: question.variants.map((variant) => ({
          ...variant,
          picture: variant.picture === null ? null : path(variant.picture),
        })),
      })),
    },
  }
}
