/**
 * What opens over the page. Its colours are those of the page's own scheme, its button is that of what was clicked. Sizes are in
 * em and parts of the window, so that it holds at 320 px and at 400 % zoom (WCAG 2.2, 1.4.10).
 */
export const SHEET = `
dialog.over{all:initial;position:fixed;inset:0;margin:auto;box-sizing:border-box;max-inline-size:min(46em,100vw);inline-size:max-content;block-size:fit-content;max-block-size:100dvh;overflow:auto;overscroll-behavior:contain;padding:20px;background:Canvas;color:CanvasText;font:16px/1.45 system-ui,sans-serif;overflow-wrap:anywhere;border:0;box-shadow:0 4px 40px rgba(0,0,0,.3)}
dialog.over:not([open]){display:none}
dialog.over::backdrop{background:rgba(12,18,24,.55)}
dialog.over *{box-sizing:border-box}
dialog.cart{inset:0 0 0 auto;margin:0;inline-size:min(26em,100vw);block-size:100dvh;animation:slide .18s ease-out}
dialog.cart:dir(rtl){inset:0 auto 0 0}
dialog.gallery{inline-size:100vw;max-inline-size:100vw;block-size:100dvh;display:grid;grid-template-rows:auto 1fr auto;gap:8px;padding:12px}
@keyframes slide{from{transform:translateX(2em);opacity:0}}
.pop .body>.name{display:none}
.head{display:flex;gap:16px;justify-content:space-between;align-items:center;margin-block-end:12px}
.head h2{margin:0;font-size:1.25em;outline:none}
.over .close,.over .plain{all:unset;cursor:pointer;min-block-size:28px;text-decoration:underline;text-underline-offset:3px}
.over .close{padding:4px 8px;min-block-size:44px;box-sizing:border-box}
.over :is(button,a,input,summary):focus-visible{outline:3px solid;outline-offset:2px}
.over a{color:inherit}
.lines{list-style:none;margin:0;padding:0}
.lines li{display:grid;grid-template-columns:auto 1fr auto;gap:4px 12px;padding-block:12px;border-block-start:1px solid color-mix(in srgb,currentColor 25%,transparent)}
.lines img{grid-row:span 3;inline-size:64px;block-size:64px;object-fit:cover;border-radius:4px}
.lines .what{grid-column:2;min-inline-size:0}
.lines .sum{grid-column:3;white-space:nowrap;font-variant-numeric:tabular-nums;text-align:end}
.lines .count{grid-column:2/-1;display:flex;flex-wrap:wrap;gap:12px;align-items:center}
.lines .count input{inline-size:5em}
.lines .said{grid-column:2/-1;margin:0}
.small{font-size:.875em}
.over input{font:inherit;color:inherit;background:transparent;border:1px solid currentColor;border-radius:4px;min-block-size:44px;padding:0 8px;min-inline-size:0}
.over .first{all:unset;position:absolute;inline-size:0;block-size:0;overflow:hidden}
.wrong{font-weight:600}
.bill{margin:0;padding-block:12px;border-block-start:2px solid;font-variant-numeric:tabular-nums}
.bill div{display:flex;gap:16px;justify-content:space-between;padding-block:3px}
.bill dt{min-inline-size:0}
.bill dd{margin:0;white-space:nowrap}
.bill .total{font-weight:700;font-size:1.15em}
summary{cursor:pointer;min-block-size:24px}
.coupon{display:flex;flex-wrap:wrap;gap:8px;align-items:end;margin-block-end:16px}
.coupon label{flex:1 1 8em;display:grid;gap:4px}
.over .wide{inline-size:100%;min-block-size:44px;padding:10px 16px;border:1px solid;background:none;color:inherit;font:inherit;cursor:pointer;text-align:center;justify-content:center}
.over p{margin:0 0 8px}
.gallery figure{margin:0;min-block-size:0;display:grid;place-items:center}
.gallery img{max-inline-size:100%;max-block-size:100%;min-block-size:0;object-fit:contain}
.gallery .turn{display:flex;gap:16px;justify-content:center;align-items:center}
.over .turn button{all:unset;cursor:pointer;min-inline-size:44px;min-block-size:44px;text-align:center;font-size:1.5em}
@media (prefers-reduced-motion:reduce){dialog.over{animation:none}}
`
