import type { RouteRecordRaw } from 'vue-router'

export const routes: RouteRecordRaw[] = [
  { path: '/:shop/shop', name: 'shop', component: () => import('./ShopView.vue'), meta: { title: 'Shop' } },
]
