/**
 * What stands around the button. `all: initial` keeps the page's styles out, save its colour of text, which is the one
 * that can be read on its ground; a look that follows the page takes its font, too.
 */
export const SHEET = `
:host{display:inline-block;max-width:100%}
:host([hidden]){display:none}
.kite{all:initial;display:inline-block;max-width:100%;box-sizing:border-box;color:var(--paperkite-color,inherit);font:var(--paperkite-font,16px/1.45 system-ui,sans-serif);overflow-wrap:anywhere}
.kite.page{font:var(--paperkite-font,inherit)}
.table{display:grid;grid-template-columns:repeat(auto-fit,minmax(min(100%,190px),1fr));gap:16px;margin:0;padding:0;list-style:none}
.table li{display:grid;grid-row:span 5;grid-template-rows:subgrid;gap:0;min-inline-size:0;padding:20px;border-block-start:1px solid}
.table .stressed{padding-block-start:15px;border-block-start-width:6px;box-shadow:0 1px 10px rgba(24,34,45,.18)}
.table form{display:grid;grid-row:span 5;grid-template-rows:subgrid;gap:8px;justify-items:start;min-inline-size:0}
.table .body{align-content:start;inline-size:100%}
.table .badge{grid-row:1}
.table .name{grid-row:2}
.table .lines{grid-row:3}
.table .price{grid-row:4}
.table .body{grid-row:5}
.table .price{font-size:1.5em;line-height:1.2}
.table small{font-size:.6em;font-weight:400}
.badge{font-size:.85em;font-weight:600;padding:1px 10px;border:1px solid;border-radius:99px}
.badge:empty{display:none}
.shelf{display:grid;gap:12px}
.shelf ul{display:grid;gap:20px 16px;margin:0;padding:0;list-style:none;grid-template-columns:repeat(auto-fill,minmax(min(100%,9em),1fr))}
.shelf[data-density=large] ul{grid-template-columns:repeat(auto-fill,minmax(min(100%,15em),1fr));gap:28px 24px}
.shelf[data-density=rows] ul{grid-template-columns:1fr;gap:0}
.shelf li{min-inline-size:0;display:grid}
.shelf form{display:grid;grid-template-rows:1fr auto auto;gap:6px;align-content:start;min-inline-size:0}
.shelf[data-density=large] form{grid-template-rows:auto 1fr auto auto}
.shelf[data-density=rows] form{grid-template:auto/1fr auto auto;align-items:center;gap:12px;padding-block:8px;border-block-start:1px solid color-mix(in srgb,currentColor 25%,transparent)}
.shelf form>a{color:inherit;text-decoration:none;display:grid;gap:6px;align-content:start;font-weight:600}
.shelf form>a:hover span{text-decoration:underline;text-underline-offset:3px}
.shelf[data-density=rows] form>a{grid-template-columns:40px 1fr;align-items:center}
.shelf :is(img,.blank){display:block;inline-size:100%;block-size:auto;aspect-ratio:1;object-fit:cover;border-radius:4px;background:color-mix(in srgb,currentColor 8%,transparent)}
.shelf .body{gap:4px}
.pager{display:flex;flex-wrap:wrap;gap:16px;align-items:center}
.turn{all:unset;cursor:pointer;min-block-size:44px;text-decoration:underline;text-underline-offset:3px}
.turn:disabled{opacity:.4;cursor:default;text-decoration:none}
@container (max-width:24em){.shelf[data-density=rows] form{grid-template:auto auto/1fr auto}.shelf[data-density=rows] form>a{grid-column:1/-1}}
.kite[data-form=picture]{display:flex;flex-wrap:wrap;gap:16px;align-items:flex-start;max-inline-size:36em}
.kite *{box-sizing:border-box}
img.goods{flex:0 1 9em;min-inline-size:5em;max-inline-size:100%;block-size:auto;border-radius:4px}
form{display:contents}
.kite[data-form=story]{display:flex;flex-wrap:wrap;gap:20px;align-items:flex-start}
.galleries{flex:1 1 16em;min-inline-size:0;max-inline-size:28em}
.pictures{display:grid;grid-template-columns:repeat(4,1fr);gap:8px;margin-block-end:8px}
.pictures a{display:block;min-inline-size:0;border-radius:4px}
.pictures a:first-child{grid-column:1/-1}
.pictures img{display:block;inline-size:100%;block-size:auto;aspect-ratio:1;object-fit:cover;border-radius:4px}
.pictures a:first-child img{aspect-ratio:auto;object-fit:contain}
.rich :is(p,ul,ol,blockquote){margin:0 0 .6em}
.rich :is(ul,ol){padding-inline-start:1.4em}
.rich a{color:inherit}
figure{margin:.4em 0}
summary{cursor:pointer}
.page,audio,video{display:block;inline-size:100%;max-inline-size:26em;block-size:auto;margin-block:.4em}
audio{block-size:2.6em}
h3{font-size:1.05em;margin:.4em 0}
.traits{display:grid;gap:4px;margin:0}
.traits div{display:grid;grid-template-columns:minmax(6em,auto) 1fr;gap:12px}
.traits dt{opacity:.8}
.traits dd{margin:0}
table{border-collapse:collapse}
:is(th,td){font-weight:400;text-align:start;padding:4px 14px 4px 0}
.in-cart{display:inline-block;min-inline-size:1.6em;margin-inline-start:.5em;padding:0 .4em;border:1px solid currentColor;border-radius:99px;text-align:center;font-variant-numeric:tabular-nums;font-size:.875em}
.in-cart[hidden]{display:none}
.body{display:grid;gap:10px;justify-items:start;min-inline-size:0;flex:1 1 15em}
.button{cursor:pointer;appearance:none;margin:0;letter-spacing:normal}
.button[aria-disabled=true]{cursor:default}
.image{all:unset;display:inline-block;max-inline-size:100%;cursor:pointer}
.image:focus-visible{outline:3px solid;outline-offset:2px}
p{margin:0}
.name{font-weight:600;font-size:1.15em}
.price{font-weight:600;font-variant-numeric:tabular-nums}
s{font-weight:400;opacity:.75;margin-inline-start:.4em}
.button .price{white-space:nowrap;font-weight:inherit;margin-inline-start:.6em}
.question,fieldset{display:flex;flex-wrap:wrap;gap:8px;align-items:end;border:0;margin:0;padding:0;min-inline-size:0}
legend{padding:0;margin-block-end:4px}
.of,.stock{inline-size:100%}
.stock,.note,.field span,legend{font-size:.875em}
.stock:empty{display:none}
.status:empty{block-size:0;margin-block-start:-10px}
.field{display:grid;gap:4px}
select,input{font:inherit;color:inherit;background:transparent;border:1px solid currentColor;border-radius:4px;min-block-size:44px;padding:0 8px;max-inline-size:100%}
option{color:CanvasText;background:Canvas}
input[type=number]{inline-size:5.5em}
.pick{display:inline-flex;align-items:center;gap:6px;min-block-size:44px;border:1px solid currentColor;border-radius:4px;padding:0 12px;cursor:pointer}
.pick input{min-block-size:0;margin:0}
:is(select,input,summary,.turn,.shelf form>a,.status a,.pictures a,.rich a):focus-visible{outline:3px solid currentColor;outline-offset:2px}
.status{font-size:.9375em;display:flex;flex-wrap:wrap;gap:4px 14px;align-items:baseline}
.status a{color:inherit;text-decoration:underline;text-underline-offset:3px;padding-block:2px;min-block-size:24px}
.told{position:absolute;inline-size:1px;block-size:1px;overflow:hidden;clip-path:inset(50%);white-space:nowrap}
@media (forced-colors:active){.button{border:1px solid ButtonText!important}}
@media (prefers-reduced-motion:reduce){*{transition:none!important}}
`
