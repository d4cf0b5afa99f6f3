export { showMiniCart } from './cart'
export { enlarge } from './gallery'
export { popUp } from './pop-over'
