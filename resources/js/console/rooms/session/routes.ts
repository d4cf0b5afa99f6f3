import type { RouteRecordRaw } from 'vue-router'

export const routes: RouteRecordRaw[] = [
  {
    path: '/set-up',
    name: 'set-up',
    component: () => import('./SetUpView.vue'),
    meta: { title: 'Set up', isOpen: true },
  },
  {
    path: '/sign-in',
    name: 'sign-in',
    component: () => import('./SignInView.vue'),
    meta: { title: 'Sign in', isOpen: true },
  },
]
