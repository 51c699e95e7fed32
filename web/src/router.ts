import { createRouter, createWebHistory } from 'vue-router'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'projects', component: () => import('./projects/ProjectsView.vue') },
    {
      path: '/projects/:project',
      component: () => import('./shell/ProjectShell.vue'),
      children: [
        { path: '', name: 'ledger', component: () => import('./ledger/LedgerView.vue') },
        { path: 'map/:view?', name: 'map', component: () => import('./map/MapStage.vue') },
        { path: 'style/:view?', name: 'style', component: () => import('./style/StyleStage.vue') },
        { path: 'grid/:view?', name: 'grid', component: () => import('./grid/GridStage.vue') },
        {
          path: 'wireframe/:page?',
          name: 'wireframe',
          component: () => import('./drafting/DraftingView.vue'),
        },
        {
          path: 'mockup/:page?',
          name: 'mockup',
          component: () => import('./drafting/DraftingView.vue'),
        },
        { path: 'boards/:board?', name: 'boards', component: () => import('./boards/BoardsView.vue') },
        {
          path: 'artwork/:artwork?',
          name: 'artwork',
          component: () => import('./artwork/ArtworkView.vue'),
        },
        { path: 'live/:page?', name: 'live', component: () => import('./live/LiveView.vue') },
        {
          path: 'walkthrough',
          name: 'walkthrough',
          component: () => import('./walkthrough/WalkthroughView.vue'),
        },
        { path: 'review/:view?', name: 'review', component: () => import('./review/ReviewStage.vue') },
        { path: 'handoff', name: 'handoff', component: () => import('./handoff/HandoffView.vue') },
      ],
    },
    { path: '/:rest(.*)*', name: 'nowhere', component: () => import('./shell/NowhereView.vue') },
  ],
})
