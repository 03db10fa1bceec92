import { appText } from '@amber-ladle/words';
import { createRouter, createWebHistory } from 'vue-router';
import { tabTitle } from '../kit/tabTitle';

/** The path of a wash day, in order, with what each stop is for. */
export const PATH = [
  { name: 'shelf', title: appText.shelf, key: '1' },
  { name: 'bowl', title: appText.bowl, key: '2' },
  { name: 'make', title: appText.make, key: '3' },
  { name: 'wear', title: appText.wear, key: '4' },
  { name: 'notes', title: appText.notes, key: '5' },
] as const;

export const router = createRouter({
  history: createWebHistory(),
  scrollBehavior: (_to, _from, saved) => saved ?? { top: 0 },
  routes: [
    { path: '/', name: 'today', component: () => import('../today/TodayView.vue'), meta: { title: appText.today } },
    {
      path: '/weeks',
      name: 'weeks',
      component: () => import('../weeks/WeeksView.vue'),
      meta: { title: appText.weeks },
    },
    {
      path: '/shelf',
      name: 'shelf',
      component: () => import('../shelf/ShelfView.vue'),
      meta: { title: appText.shelf },
    },
    {
      path: '/shelf/book',
      name: 'book',
      component: () => import('../shelf/BookView.vue'),
      meta: { title: appText.bookOfStock },
    },
    {
      path: '/bowls/:id/label',
      name: 'label',
      component: () => import('../kept/LabelView.vue'),
      props: true,
      meta: { title: appText.label },
    },
    { path: '/bowl', name: 'bowl', component: () => import('../bowl/BowlView.vue'), meta: { title: appText.bowl } },
    { path: '/make', name: 'make', component: () => import('../make/MakeView.vue'), meta: { title: appText.make } },
    { path: '/wear', name: 'wear', component: () => import('../wear/WearView.vue'), meta: { title: appText.wear } },
    {
      path: '/notes',
      name: 'notes',
      component: () => import('../notes/NotesView.vue'),
      meta: { title: appText.notes },
    },
    {
      path: '/bowls/:id',
      name: 'kept-bowl',
      component: () => import('../kept/KeptBowlView.vue'),
      props: true,
      meta: { title: appText.keptBowl },
    },
    { path: '/masks', name: 'masks', component: () => import('../mask/MasksView.vue'), meta: { title: appText.masks } },
    {
      path: '/masks/new',
      name: 'mask-new',
      component: () => import('../mask/MaskEditView.vue'),
      props: { id: 'new' },
      meta: { title: appText.aMaskOfYour },
    },
    {
      path: '/masks/paste',
      name: 'mask-paste',
      component: () => import('../paste/PasteView.vue'),
      meta: { title: appText.pasteAMask },
    },
    {
      path: '/masks/:id/edit',
      name: 'mask-edit',
      component: () => import('../mask/MaskEditView.vue'),
      props: true,
      meta: { title: appText.changeAMask },
    },
    {
      path: '/ingredients',
      name: 'ingredients',
      component: () => import('../ingredient/IngredientsView.vue'),
      meta: { title: appText.ingredients },
    },
    {
      path: '/ingredients/:id',
      name: 'ingredient',
      component: () => import('../ingredient/IngredientView.vue'),
      props: true,
      meta: { title: appText.ingredient },
    },
    {
      path: '/benches',
      name: 'benches',
      component: () => import('../benches/BenchesView.vue'),
      meta: { title: appText.smallBenches },
    },
    {
      path: '/masks/:id',
      name: 'mask',
      component: () => import('../mask/MaskView.vue'),
      props: true,
      meta: { title: appText.mask },
    },
    { path: '/heads', name: 'heads', component: () => import('../head/HeadsView.vue'), meta: { title: appText.heads } },
    {
      path: '/heads/:id',
      name: 'head',
      component: () => import('../head/HeadView.vue'),
      props: true,
      meta: { title: appText.head },
    },
    {
      path: '/settings',
      name: 'settings',
      component: () => import('../settings/SettingsView.vue'),
      meta: { title: appText.settings },
    },
    {
      path: '/:rest(.*)*',
      name: 'lost',
      component: () => import('./LostView.vue'),
      meta: { title: appText.nothingHere },
    },
  ],
});

router.afterEach((to) => {
  document.title = tabTitle(to);
});
