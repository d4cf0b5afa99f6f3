import type { RouteRecordRaw } from 'vue-router'

export const routes: RouteRecordRaw[] = [
  {
    path: '/:shop/orders',
    name: 'orders',
    component: () => import('./OrdersView.vue'),
    meta: { title: 'Orders' },
  },
  {
    path: '/:shop/orders/:number(\\d+)',
    name: 'order',
    component: () => import('./OrderView.vue'),
    props: (route) => ({ number: Number(route.params.number) }),
    meta: { title: 'Order' },
  },
]
