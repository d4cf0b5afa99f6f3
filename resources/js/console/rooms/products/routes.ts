import type { RouteRecordRaw } from 'vue-router'

export const routes: RouteRecordRaw[] = [
  {
    path: '/:shop/products',
    name: 'products',
    component: () => import('./ProductsView.vue'),
    meta: { title: 'Products' },
  },
  {
    path: '/:shop/products/new',
    name: 'new-product',
    component: () => import('./ProductView.vue'),
    meta: { title: 'New product' },
  },
  {
    path: '/:shop/products/:id(\\d+)',
    name: 'product',
    component: () => import('./ProductView.vue'),
    props: (route) => ({ id: Number(route.params.id) }),
    meta: { title: 'Product' },
  },
]
