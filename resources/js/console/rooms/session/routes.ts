import type { RouteRecordRaw } from 'vue-router'

export const routes: RouteRecordRaw[] = [
  {
    path: '/sign-in',
    name: 'sign-in',
    component: () => import('./SignInView.vue'),
    meta: { title: 'Sign in', isOpen: true },
  },
]
