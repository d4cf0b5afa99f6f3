import type { Schemas } from '../lib/client'

/** Somewhere that a button or link is put, and how, in three steps. */
export interface Pasting {
  key: string
  label: string
  steps: [string, string, string]
}

const page: Pasting = {
  key: 'page',
  label: 'Your own page',
  steps: [
    'Open the page’s HTML file or template.',
    'Paste the code where the button is to stand, between <body> and </body>.',
    'Save it, open the page, and click the button once.',
  ],
}
const builder: Pasting = {
  key: 'builder',
  label: 'A site builder',
  steps: [
    'Add a block for your own code. It is often called HTML, code or embed.',
    'Paste the code into the block and save it.',
    'Publish the page and click the button there: many builders show code only on the published page.',
  ],
}
const article: Pasting = {
  key: 'article',
  label: 'An article',
  steps: [
    'Open the article in its editor and change to the view of its code.',
    'Paste the code between two paragraphs.',
    'Look at the preview and click the button once.',
  ],
}
const text: Pasting = {
  key: 'text',
  label: 'An article',
  steps: [
    'Open the article where you write it, in Markdown.',
    'Paste the line where the link is to stand.',
    'Look at the preview and click the link once.',
  ],
}
const mail: Pasting = {
  key: 'mail',
  label: 'An e-mail',
  steps: [
    'In your newsletter program add a block for HTML.',
    'Paste the code into it.',
    'Send the mail to yourself first, and click the button in it.',
  ],
}
const linkInText: Pasting = {
  key: 'link',
  label: 'A page or article',
  steps: [
    'Select the words or the picture that people shall click.',
    'Choose “link” in the editor, and paste the address.',
    'Save it, and click the link once.',
  ],
}
const linkInMail: Pasting = {
  key: 'link-mail',
  label: 'A message',
  steps: [
    'Paste the address into the message, on a line of its own.',
    'Where the program can, put words under it instead.',
    'Send it to yourself first, and click it.',
  ],
}
const print: Pasting = {
  key: 'print',
  label: 'Print',
  steps: [
    'Take the picture below: SVG for print, PNG for a screen.',
    'Place it at least 2 cm wide, with the white edge around it.',
    'Print one, and scan it with a phone before you print the rest.',
  ],
}
const placesOf: Record<Schemas['MediumKey'], [Pasting, ...Pasting[]]> = {
  link: [linkInText, linkInMail],
  html: [page, builder, article],
  widget: [page, builder, article],
  email: [mail],
  markdown: [text],
  qr: [print],
  json_ld: [page, builder],
  price_table: [page, builder, article],
}

/** Where what is copied in this medium goes; the likeliest first. */
export function pastingsOf(medium: Schemas['MediumKey']): [Pasting, ...Pasting[]] {
  return placesOf[medium]
}
