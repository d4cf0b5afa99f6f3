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
  {
    path: '/invitation/:token',
    name: 'invitation',
    component: () => import('./JoinView.vue'),
    props: true,
    meta: { title: 'Invitation', isOpen: true },
  },
  {
    path: '/password',
    name: 'forgotten',
    component: () => import('./ForgottenView.vue'),
    meta: { title: 'New password', isOpen: true },
  },
  {
    path: '/password/:token',
    name: 'new-password',
    component: () => import('./NewPasswordView.vue'),
    props: true,
    meta: { title: 'New password', isOpen: true },
  },
  {
    path: '/account',
    name: 'account',
    component: () => import('./AccountView.vue'),
    meta: { title: 'Your account' },
  },
]
