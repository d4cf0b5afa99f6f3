import type { RouteRecordRaw } from 'vue-router'

export const routes: RouteRecordRaw[] = [
  {
    path: '/:shop/orders/gift-cards',
    name: 'gift-cards',
    component: () => import('./GiftCardsView.vue'),
    meta: { title: 'Gift cards' },
  },
  {
    path: '/:shop/orders/gift-cards/:id(\\d+)',
    name: 'gift-card',
    component: () => import('./GiftCardView.vue'),
    props: (route) => ({ id: Number(route.params.id) }),
    meta: { title: 'Gift card' },
  },
]
