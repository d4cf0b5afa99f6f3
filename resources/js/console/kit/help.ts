/** What stands beside a heading for whoever asks what it is: two sentences, and an example. */
export interface Help {
  about: [string, string]
  example: string
}

/** Every word of ours that a newcomer can't know, and every trade word that a shop can do without. */
export const help = {
  offers: {
    about: [
      'An offer is one way to buy: what is sold, what a click does, the words on the button and its look.',
      'You change the offer here, and every button and link of it follows.',
    ],
    example: '“Buy now” on your spring post: one jar of honey, straight to paying.',
  },
  products: {
    about: [
      'A product is something you sell, with its name and price.',
      'An offer or a link then names what of it, and how many.',
    ],
    example: 'Heather honey, 340 g, at 9.80.',
  },
  partners: {
    about: [
      'Partners sell goods that you recommend, on their own sites; you earn a commission.',
      'Your partner ID there is set once, and every link carries it.',
    ],
    example: 'A smoker at Wicker Lane: a click leads there, and the sale counts as yours.',
  },
  prices: {
    about: [
      'Once a day the page of each partner’s item is looked at, and its price held against the one that you show.',
      'What has changed, gone or can’t be read stands first, with what to do.',
    ],
    example: 'Brass lantern: you show €46.00, its page says €49.00.',
  },
  commission: {
    about: [
      'What a product should bring: its price, the rate of today, and how many of those who click buy.',
      'Beside it stands what it has brought, as the reports of the marketplaces say.',
    ],
    example: '4 % of €46.00 is €1.84; of 240 clicks, about six buy.',
  },
  earnings: {
    about: [
      'What your partners’ sales brought, as their reports say.',
      'Amounts of two currencies are two lines, and never one sum.',
    ],
    example: '“The spring post”: 3 sales of 120 clicks, €5.52.',
  },
  reports: {
    about: [
      'A report is the list of sales that a marketplace gives you, as a CSV file.',
      'Each sale is credited to the place that it came from: by its sub-ID, else by item and time.',
    ],
    example: 'Nordkai’s report of May: 212 sales, of which 9 could not be credited.',
  },
  partnerRules: {
    about: [
      'Partners change prices and write long texts; here you say what you hold them to.',
      'Every product of a partner follows these rules.',
    ],
    example: 'A price is believed for 14 days; a title has three words.',
  },
  orders: {
    about: [
      'Every purchase that was paid for stands here, with its goods and its money.',
      'You pack it, send it, cancel it or give money back from here.',
    ],
    example: 'Order 1042: two candles, paid, to be packed.',
  },
  giftCards: {
    about: [
      'A gift card is money that was paid before: its code pays for goods, in part or whole, until nothing is left.',
      'Here stands what is on each, where it went, and who was shown the code.',
    ],
    example: '“For Orla”, 40.00: 13.90 used on order 1042, 26.10 left.',
  },
  looks: {
    about: [
      'A look is a set of colours, corners and letters for buttons, under a name.',
      'Change the look, and all buttons that follow it change with it.',
    ],
    example: '“Kite silk”: red with white letters, used wherever no other is chosen.',
  },
  shelves: {
    about: [
      'A shelf is several products, or a whole category, in one widget on any page.',
      'Each product has its price and its button there; what sells out or changes, changes on the page by itself.',
    ],
    example: '“From the hive”: three honeys and a candle, at the end of a recipe.',
  },
  tables: {
    about: [
      'A price table shows two to four offers side by side.',
      'Each column has a button of its own, and its own count of clicks.',
    ],
    example: 'One jar, three jars, six jars: the middle one highlighted.',
  },
  copies: {
    about: [
      'Some buttons are copies: they keep the words and the look of the day you copied them.',
      'Those that say something else than their offer now stand here, to be copied and pasted again.',
    ],
    example: 'You renamed “Buy now” to “Order today”; the button on your spring post still says “Buy now”.',
  },
  links: {
    about: [
      'A link can spell out what it sells, without an offer.',
      'That helps in a spreadsheet, where you need hundreds of them.',
    ],
    example: '/take/2*honey-340?to=pay puts two jars in the cart and leads to paying.',
  },
  page: {
    about: [
      'The button or widget as it will stand on a page, in each of its states.',
      'Change the width and the background to see it as your readers will.',
    ],
    example: 'On a dark page, 280 px wide, when it is sold out.',
  },
  bill: {
    about: [
      'What a shopper pays for this offer alone, line by line, and why.',
      'Choose a country to see its shipping and tax.',
    ],
    example: 'One jar to Ireland: 9.80, shipping 3.90, in all 13.70.',
  },
  link: {
    about: [
      'The address of this offer in one place, and the code that you paste there.',
      'Each place has an address of its own, so that its clicks are counted apart.',
    ],
    example: '“The spring post”, as an HTML button.',
  },
  files: {
    about: [
      'What shoppers get is a file: after paying, a link leads to it for some days.',
      'A sample is what they may see or hear before.',
    ],
    example: '“The hive-year guide”, a PDF: its first three pages are the sample.',
  },
  variants: {
    about: [
      'Variants are the kinds that a product comes in, such as sizes or colours.',
      'Each can have its own price, stock and picture.',
    ],
    example: 'Size: small or large; print: meadow or dusk.',
  },
  stock: {
    about: [
      'Counted stock goes down with each order, and nobody can buy what is gone.',
      'Without counting, the product can always be bought.',
    ],
    example: '12 jars left; marked in lists from 3 on.',
  },
  attributes: {
    about: [
      'Attributes are facts about a product that shoppers read on its page.',
      'They change no price; what changes one is a variant.',
    ],
    example: 'Tastes of: toffee, woodsmoke.',
  },
  sku: {
    about: [
      'The SKU is the short name of a product in links and sheets.',
      'Shoppers rarely see it; leave it blank and it is made from the name.',
    ],
    example: 'honey-340',
  },
  shipping: {
    about: [
      'A zone is a group of countries that shipping costs the same to.',
      'The fee can depend on what the goods are worth, on weight, or on pieces.',
    ],
    example: 'Home: Ireland, 3.90; free from 60.00.',
  },
  tax: {
    about: [
      'A tax rate is a percentage for one country and one class of goods.',
      'The total says how much tax is in it, or adds it, as you choose here.',
    ],
    example: 'Ireland, standard, 23 %.',
  },
  fee: {
    about: [
      'The payment provider keeps a part of every payment.',
      'It changes nothing for shoppers; it makes your profit exact.',
    ],
    example: '1.9 % and 0.30 of each payment.',
  },
  coupons: {
    about: ['A coupon is a code that makes an order cheaper.', 'It can end on a day, or after so many uses.'],
    example: 'MAY takes 10 % off, until the end of May.',
  },
  checkout: {
    about: [
      'The checkout is the page where shoppers say who they are and pay.',
      'Ask for as little as you need: each field costs you buyers.',
    ],
    example: 'Phone: not asked. Terms: shown before paying.',
  },
  shopfront: {
    about: [
      'The shopfront is your own small shop: the list, the product pages, the cart.',
      'Offers lead there where a shopper still has to choose, and they work without it too.',
    ],
    example: 'In the list: one button, “Add to cart”.',
  },
  names: {
    about: [
      'The name is what shoppers read; the host is where they find the shop.',
      'You can change both: every old address leads to the new one.',
    ],
    example: 'Mosslight Apiary at shop.mosslight.example.',
  },
  people: {
    about: [
      'An owner does everything, an editor everything but the payee and the people, a reader only looks.',
      'Others come by an invitation that you mail from here.',
    ],
    example: 'Ada packs orders as an editor.',
  },
  codes: {
    about: [
      'A second proof that it is you: a code that changes every 30 seconds.',
      'Without your phone, one of the recovery codes lets you in.',
    ],
    example: '042 917, off an app on your phone.',
  },
} satisfies Record<string, Help>

export type HelpKey = keyof typeof help
