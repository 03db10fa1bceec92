import { createRouter, createWebHistory } from 'vue-router';
import { tabTitle } from '../kit/tabTitle';

/** The path of a wash day, in order, with what each stop is for. */
export const PATH = [
  { name: 'shelf', title: 'Shelf', key: '1' },
  { name: 'bowl', title: 'Bowl', key: '2' },
  { name: 'make', title: 'Make', key: '3' },
  { name: 'wear', title: 'Wear', key: '4' },
  { name: 'notes', title: 'Notes', key: '5' },
] as const;

export const router = createRouter({
  history: createWebHistory(),
  scrollBehavior: (_to, _from, saved) => saved ?? { top: 0 },
  routes: [
    { path: '/', name: 'today', component: () => import('../today/TodayView.vue'), meta: { title: 'Today' } },
    { path: '/weeks', name: 'weeks', component: () => import('../weeks/WeeksView.vue'), meta: { title: 'Weeks' } },
    { path: '/shelf', name: 'shelf', component: () => import('../shelf/ShelfView.vue'), meta: { title: 'Shelf' } },
    {
      path: '/shelf/book',
      name: 'book',
      component: () => import('../shelf/BookView.vue'),
      meta: { title: 'Book of stock' },
    },
    {
      path: '/bowls/:id/label',
      name: 'label',
      component: () => import('../kept/LabelView.vue'),
      props: true,
      meta: { title: 'Label' },
    },
    { path: '/bowl', name: 'bowl', component: () => import('../bowl/BowlView.vue'), meta: { title: 'Bowl' } },
    { path: '/make', name: 'make', component: () => import('../make/MakeView.vue'), meta: { title: 'Make' } },
    { path: '/wear', name: 'wear', component: () => import('../wear/WearView.vue'), meta: { title: 'Wear' } },
    { path: '/notes', name: 'notes', component: () => import('../notes/NotesView.vue'), meta: { title: 'Notes' } },
    {
      path: '/bowls/:id',
      name: 'kept-bowl',
      component: () => import('../kept/KeptBowlView.vue'),
      props: true,
      meta: { title: 'Kept bowl' },
    },
    { path: '/masks', name: 'masks', component: () => import('../mask/MasksView.vue'), meta: { title: 'Masks' } },
    {
      path: '/masks/new',
      name: 'mask-new',
      component: () => import('../mask/MaskEditView.vue'),
      props: { id: 'new' },
      meta: { title: 'A mask of your own' },
    },
    {
      path: '/masks/paste',
      name: 'mask-paste',
      component: () => import('../paste/PasteView.vue'),
      meta: { title: 'Paste a mask' },
    },
    {
      path: '/masks/:id/edit',
      name: 'mask-edit',
      component: () => import('../mask/MaskEditView.vue'),
      props: true,
      meta: { title: 'Change a mask' },
    },
    {
      path: '/ingredients',
      name: 'ingredients',
      component: () => import('../ingredient/IngredientsView.vue'),
      meta: { title: 'Ingredients' },
    },
    {
      path: '/ingredients/:id',
      name: 'ingredient',
      component: () => import('../ingredient/IngredientView.vue'),
      props: true,
      meta: { title: 'Ingredient' },
    },
    {
      path: '/benches',
      name: 'benches',
      component: () => import('../benches/BenchesView.vue'),
      meta: { title: 'Small benches' },
    },
    {
      path: '/masks/:id',
      name: 'mask',
      component: () => import('../mask/MaskView.vue'),
      props: true,
      meta: { title: 'Mask' },
    },
    { path: '/heads', name: 'heads', component: () => import('../head/HeadsView.vue'), meta: { title: 'Heads' } },
    {
      path: '/heads/:id',
      name: 'head',
      component: () => import('../head/HeadView.vue'),
      props: true,
      meta: { title: 'Head' },
    },
    {
      path: '/settings',
      name: 'settings',
      component: () => import('../settings/SettingsView.vue'),
      meta: { title: 'Settings' },
    },
    {
      path: '/:rest(.*)*',
      name: 'lost',
      component: () => import('./LostView.vue'),
      meta: { title: 'Nothing here' },
    },
  ],
});

router.afterEach((to) => {
  document.title = tabTitle(to);
});
